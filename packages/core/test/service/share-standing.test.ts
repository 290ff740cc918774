import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { serviceSurvival, shareStanding } from '../../src/service/index.js';
import type { ServiceRecord } from '../../src/service/survival.js';

const record = (change: Partial<ServiceRecord>): ServiceRecord => ({
  ...{ years: 1, ended: false, mode: null, soundYears: null, weight: 1 },
  ...change,
});
const of = (records: ServiceRecord[]): ReturnType<typeof shareStanding> =>
  shareStanding(serviceSurvival({ records, atYears: null }));

describe('the share of a group that stands', () => {
  it('is all of it where none failed, and at least what so many bear', () => {
    // The exact bound of three of three: 0.05^(1/3).
    const three = of([2, 2, 2].map(years => record({ years })))!;
    expect(three).toMatchObject({ share: 1, high: 1, years: 2 });
    expect(three.low).toBeCloseTo(0.05 ** (1 / 3), 9);
  });
  it('is the end of the curve where some failed', () => {
    const four = of([
      record({ ended: true, mode: 'cracked' }),
      ...[2, 2, 2].map(years => record({ years })),
    ])!;
    expect(four.share).toBeCloseTo(0.75, 9);
    expect(four.years).toBe(2);
    // Greenwood: 0.75·√(1/(4·3)) on both sides.
    expect(four.low).toBeCloseTo(0.75 - 1.959964 * 0.75 * Math.sqrt(1 / 12), 4);
  });
  it('is none of it where all failed, which so few prove of few others', () => {
    const cracked = record({ ended: true, mode: 'cracked' });
    expect(of([cracked])).toMatchObject({ share: 0, low: 0, high: 0.95 });
    // The exact bound of none of three: 1 − 0.05^(1/3).
    expect(of([cracked, cracked, cracked])!.high).toBeCloseTo(1 - 0.05 ** (1 / 3), 9);
  });
  it('is not told of what nobody has looked at, nor of the first weeks', () => {
    expect(of([])).toBeNull();
    expect(of([record({ years: 0.05 })])).toBeNull();
  });
  it('always lies within its interval, and that within none and all', () => {
    const lives = fc.array(
      fc.record({ years: fc.double({ min: 0.1, max: 20, noNaN: true }), ended: fc.boolean() }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(lives, list => {
        const told = of(list.map(l => record({ ...l, mode: l.ended ? 'cracked' : null })));
        if (!told) return;
        expect(told.low).toBeGreaterThanOrEqual(0);
        expect(told.low).toBeLessThanOrEqual(told.share);
        expect(told.share).toBeLessThanOrEqual(told.high);
        expect(told.high).toBeLessThanOrEqual(1);
      }),
    );
  });
});
