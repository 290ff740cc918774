import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { common, regionMm2, regionOf, shrunk } from '../../src/geometry/region.js';
import type { Outline } from '../../src/geometry/section.js';

const square = (x: number, y: number, side: number): Outline => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];
const hole = (o: Outline): Outline => [...o].reverse();
const side = fc.integer({ min: 2, max: 60 });

describe('areas in the plane', () => {
  it('are those of their outlines, less their holes, and one where they overlap', () => {
    expect(regionMm2(regionOf([square(0, 0, 10)]))).toBeCloseTo(100, 6);
    expect(regionMm2(regionOf([square(0, 0, 10), hole(square(2, 2, 4))]))).toBeCloseTo(84, 6);
    expect(regionMm2(regionOf([square(0, 0, 10), square(5, 0, 10)]))).toBeCloseTo(150, 6);
    expect(regionMm2(regionOf([]))).toBe(0);
  });
  it('shrink by a strip along every outline, holes included, and end at nothing', () => {
    fc.assert(
      fc.property(side, fc.double({ min: 0, max: 5, noNaN: true }), (a, by) => {
        const left = Math.max(0, a - 2 * by);
        expect(regionMm2(shrunk(regionOf([square(0, 0, a)]), by))).toBeCloseTo(left * left, 0);
      }),
    );
    const ring = regionOf([square(0, 0, 20), hole(square(5, 5, 10))]);
    // Walls of 5 mm: a strip of 1 mm leaves 18² − 12².
    expect(regionMm2(shrunk(ring, 1))).toBeCloseTo(18 * 18 - 12 * 12, 6);
    expect(regionMm2(shrunk(ring, 3))).toBe(0);
  });
  it('share what lies in both, whichever comes first', () => {
    fc.assert(
      fc.property(side, side, fc.integer({ min: -40, max: 40 }), (a, b, x) => {
        const one = regionOf([square(0, 0, a)]);
        const other = regionOf([square(x, 0, b)]);
        const wide = Math.max(0, Math.min(a, x + b) - Math.max(0, x));
        expect(regionMm2(common(one, other))).toBeCloseTo(wide * Math.min(a, b), 4);
        expect(regionMm2(common(other, one))).toBeCloseTo(wide * Math.min(a, b), 4);
      }),
    );
    expect(common(regionOf([square(0, 0, 1)]), [])).toEqual([]);
  });
});
