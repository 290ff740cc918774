import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makeCoupon } from '../../src/coupons/index.js';
import { FOOT_HEIGHTS_MM, footFill, footFillAt } from '../../src/geometry/foot-fill.js';
import { layWith } from '../../src/geometry/lays.js';
import { box, heapOf } from './shapes.js';

describe('how full a shape is over its footprint', () => {
  it('is 1 for a block of any size', () => {
    const size = fc.double({ min: 0.5, max: 60, noNaN: true });
    fc.assert(
      fc.property(size, size, size, (x, y, z) => {
        const fill = footFill(heapOf(box(x, y, z)), 0, z, x * y)!;
        for (const share of fill) expect(share).toBeCloseTo(1, 4);
      }),
    );
  });
  it('of a housing falls from its floor on to its walls', async () => {
    // 120 × 80 × 40 mm, walls and floor of 2.4 mm.
    const fill = layWith({ positions: await makeCoupon('housing') }, [0, 0, 1]).footFill!;
    expect(fill[0]).toBeCloseTo(1, 2);
    const walls = 1 - (115.2 * 75.2) / (120 * 80);
    // Posts stand in its corners, and a window is cut out: near, not at, floor and walls alone.
    const plain = (2.4 + 17.6 * walls) / 20;
    expect(fill.at(-1)).toBeGreaterThan(plain);
    expect(fill.at(-1)).toBeLessThan(plain + 0.05);
    expect([...fill].sort((a, b) => b - a)).toEqual(fill);
  });
  it('of a cone is what its volume says, cut at any height', () => {
    // A pyramid of 40 × 40 mm and 20 mm: up to h it holds V·(1 − (1 − h/20)³).
    const tip = [20, 20, 20];
    const [a, b, c, d] = [
      [0, 0, 0],
      [40, 0, 0],
      [40, 40, 0],
      [0, 40, 0],
    ] as const;
    const faces = [a, c, b, a, d, c, a, b, tip, b, c, tip, c, d, tip, d, a, tip];
    const fill = footFill(new Float32Array(faces.flat()), 0, 20, 1600)!;
    for (const [i, h] of FOOT_HEIGHTS_MM.entries()) {
      const volume = ((1600 * 20) / 3) * (1 - (1 - h / 20) ** 3);
      expect(fill[i]).toBeCloseTo(volume / (1600 * h), 5);
    }
  });
  it('is read between its heights, and not known without a footprint', () => {
    const fill = [1, 0.9, 0.7, 0.5, 0.4, 0.3];
    expect(footFillAt(fill, 0.2)).toBe(1);
    expect(footFillAt(fill, 3)).toBeCloseTo(0.8, 12);
    expect(footFillAt(fill, 50)).toBe(0.3);
    expect(footFill(heapOf(box(1, 1, 1)), 0, 1, 0)).toBeNull();
  });
});
