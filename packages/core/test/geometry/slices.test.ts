import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { END_MM, insideShare, SIDE_MM } from '../../src/geometry/depth-grid.js';
import { sectionAt, sectionsAt, outlineArea } from '../../src/geometry/section.js';
import { deepShares, sliceVolumes } from '../../src/geometry/slices.js';
import { ball, box, heapOf } from './shapes.js';

const settings = { walls: 3, lineMm: 0.45, topLayers: 4, bottomLayers: 4, layerMm: 0.2 };

describe('slices by height', () => {
  it('give the walls, top, bottom and inside of a box exactly', () => {
    const v = sliceVolumes(heapOf(box(40, 30, 20)), settings);
    const inner = (40 - 2.7) * (30 - 2.7);
    expect(v.layers).toBe(100);
    expect(v.wallMm3).toBeCloseTo((1200 - inner) * 20, 0);
    expect(v.topMm3).toBeCloseTo(inner * 0.8, 0);
    expect(v.bottomMm3).toBeCloseTo(inner * 0.8, 0);
    expect(v.insideMm3).toBeCloseTo(inner * 18.4, 0);
    // Three walls of 0.45 mm, each along its own middle.
    expect(v.wallPathMm / 100).toBeCloseTo((1200 - inner) / 0.45, 0);
  });
  it('have no inside where walls meet, and a roof under every step', () => {
    expect(sliceVolumes(heapOf(box(40, 2.4, 20)), settings).insideMm3).toBe(0);
    // A step of 10 mm on a plate of 10 mm: the plate is roofed beside the step only.
    const step = heapOf([...box(40, 40, 10), ...box(20, 40, 10, [0, 0, 10])]);
    const flat = sliceVolumes(heapOf(box(40, 40, 10)), settings);
    const stepped = sliceVolumes(step, settings);
    expect(stepped.topMm3).toBeGreaterThan(0.9 * flat.topMm3);
    expect(stepped.topMm3).toBeLessThan(1.1 * flat.topMm3);
  });
  it('add up to the volume, whatever they are', () => {
    const heap = heapOf(ball(15, [0, 0, 0], 24));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6 }), fc.integer({ min: 0, max: 8 }), (walls, ends) => {
        const v = sliceVolumes(heap, { ...settings, walls, topLayers: ends, bottomLayers: ends });
        const whole = v.wallMm3 + v.topMm3 + v.bottomMm3 + v.insideMm3;
        expect(whole / ((4 / 3) * Math.PI * 15 ** 3)).toBeCloseTo(1, 1);
      }),
      { numRuns: 6 },
    );
  });
  it('are the same cut one by one or together', () => {
    const heap = heapOf(ball(10, [3, 4, 5], 16));
    const heights = [-4, 0, 1.5, 5, 9.75, 14];
    const together = sectionsAt(heap, heights);
    for (const [k, z] of heights.entries()) {
      const area = (of: ReturnType<typeof sectionAt>): number => of.reduce((s, o) => s + outlineArea(o), 0);
      expect(area(together[k]!)).toBeCloseTo(area(sectionAt(heap, z)), 6);
    }
  });
  it('tell their progress, and end by a throw', () => {
    const told: number[] = [];
    deepShares(heapOf(box(10, 10, 10)), 0, done => told.push(done));
    expect(told.at(-1)).toBe(1);
    expect(() =>
      deepShares(heapOf(box(10, 10, 10)), 0, () => {
        throw new Error('enough');
      }),
    ).toThrow('enough');
  });
});

describe('how deep a shape lies', () => {
  const shares = deepShares(heapOf(box(40, 30, 20)));
  it('is the inner box of a box, at every depth of the grid', () => {
    for (const [s, side] of SIDE_MM.entries())
      for (const [e, end] of END_MM.entries()) {
        const inner = ((40 - 2 * side) * (30 - 2 * side)) / 1200;
        expect(shares[s * END_MM.length + e]).toBeCloseTo((inner * (20 - 2 * end)) / 20, 1);
      }
  });
  it('agrees with the slices', () => {
    const ballHeap = heapOf(ball(15, [0, 0, 0], 24));
    const v = sliceVolumes(ballHeap, settings);
    const whole = v.wallMm3 + v.topMm3 + v.bottomMm3 + v.insideMm3;
    expect(insideShare(deepShares(ballHeap), 1.35, 0.8)).toBeCloseTo(v.insideMm3 / whole, 1);
  });
  it('never grows with a thicker skin', () => {
    const depth = fc.double({ min: 0, max: 8, noNaN: true });
    fc.assert(
      fc.property(depth, depth, depth, depth, (a, b, c, d) => {
        const thin = insideShare(shares, Math.min(a, b), Math.min(c, d));
        const thick = insideShare(shares, Math.max(a, b), Math.max(c, d));
        expect(thick).toBeLessThanOrEqual(thin + 1e-9);
        expect(thick).toBeGreaterThanOrEqual(0);
      }),
    );
  });
});
