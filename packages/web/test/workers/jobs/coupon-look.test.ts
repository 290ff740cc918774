import { makeCoupon, stlBytes } from '@hornblende/core/coupons';
import { families } from '@hornblende/core/materials';
import { beforeAll, describe, expect, it } from 'vitest';
import { run } from '../../../src/workers/jobs/coupon-look';

const petg = families.find(f => f.key === 'petg')!;
let bytes: Uint8Array;
beforeAll(async () => {
  bytes = stlBytes(await makeCoupon('hardness-plate'));
});

describe('how a coupon looks', () => {
  it('is a box of twelve lines, of its size', () => {
    const { edges, sizeMm } = run({ bytes, solid: true, family: petg, printer: null });
    expect(edges.length / 6).toBe(12);
    expect(sizeMm).toEqual([45, 45, 6]);
  });
  it('weighs what its volume weighs where it is solid, and less with the usual infill', () => {
    const solid = run({ bytes, solid: true, family: petg, printer: null });
    const usual = run({ bytes, solid: false, family: petg, printer: null });
    // 4.5 × 4.5 × 0.6 cm³ of 1.27 g/cm³.
    expect(solid.massG).toBeCloseTo(15.4, 1);
    expect(usual.massG).toBeLessThan(0.7 * solid.massG);
    expect(usual.hours).toBeLessThan(solid.hours);
  });
});
