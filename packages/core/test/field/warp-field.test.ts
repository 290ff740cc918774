import { describe, expect, it } from 'vitest';
import { warpField, WarpFieldInput } from '../../src/field/index.js';
import type { WarpField } from '../../src/field/warp-field.js';
import { parseInput } from '../../src/input/parse.js';
import { warpBowOf } from '../../src/models/warp-bow.js';
import { box } from '../geometry/shapes.js';
import { angle, bar, shape } from './solid-shapes.js';

const figures = { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40 };
const warp = (on: Parameters<typeof warpField>[0], more: object = {}): WarpField =>
  warpField(on, parseInput(WarpFieldInput, { ...figures, ...more }));

describe('warp.field', () => {
  it('bows a bar as the beam of warp.bow does: 0.610 mm within 3 %', () => {
    const found = warp(bar(150, 20, 10), { cellMm: 2.5 });
    expect(Math.abs(found.bowMm / 0.61 - 1)).toBeLessThan(0.03);
    const [long, other] = found.edges;
    expect(long!.bowMm).toBeCloseTo(other!.bowMm, 6);
    expect(found.edges).toHaveLength(2);
    expect(found.iterations).toBeLessThanOrEqual(40);
  });
  it('follows the beam when it lies thinner, hotter or longer', () => {
    for (const [x, z, chamberC] of [
      [150, 5, 40],
      [200, 10, 25],
    ] as const) {
      const beam = warpBowOf(
        Object.assign(new WarpFieldInput(), { ...figures, chamberC, heightMm: z, lengthMm: x }) as never,
      );
      const found = warp(bar(x, 15, z), { chamberC, cellMm: 2.5 });
      expect(Math.abs(found.bowMm / beam.bowMm - 1)).toBeLessThan(0.05);
    }
  });
  it('does not bow where every layer sets on one as hot', () => {
    expect(Math.abs(warp(bar(100, 20, 10), { chamberC: 105, bedC: 105, cellMm: 2.5 }).bowMm)).toBeLessThan(
      1e-9,
    );
  });
  it('lifts first at a corner, and by the energy of warp.lift-off', () => {
    const found = warp(bar(150, 20, 10), { cellMm: 2.5, adhesionJm2: 40 });
    const [x, y] = found.liftsAtMm;
    expect(Math.min(x, 150 - x) + Math.min(y, 20 - y)).toBeLessThan(5);
    expect(found.energyJm2).toBeCloseTo(24.92, 1);
    expect(found.pLift).toBeGreaterThan(0.4);
    expect(warp(bar(150, 20, 10), { cellMm: 2.5 }).pLift).toBeNull();
  });
  it('a wall on the foot of an angle stiffens it: it bows by its own shape, not as a bar of its length', () => {
    const found = warp(angle, { cellMm: 2 });
    const byEnd = found.edges.map(e => e.bowMm);
    // The foot is 40 × 20 mm: two long edges and two short ones, of which one lies under the wall.
    expect(byEnd).toHaveLength(4);
    const along = found.edges.filter(e => Math.abs(e.from[1] - e.to[1]) > 10).map(e => e.bowMm);
    expect(Math.abs(along[0]! - along[1]!)).toBeGreaterThan(0.03 * Math.abs(found.bowMm));
  });
  it('refuses a part in pieces, an open one, and cells too many to hold', () => {
    const two = shape([...box(60, 12, 8), ...box(10, 10, 10, [80, 0, 0])]);
    expect(() => warp(two, { cellMm: 2 })).toThrow('2 pieces');
    expect(() => warp(shape(box(60, 12, 8).slice(1)), { cellMm: 2 })).toThrow('is not closed');
    expect(() => warp(bar(300, 300, 300), { cellMm: 1 })).toThrow('too many cells');
  });
});
