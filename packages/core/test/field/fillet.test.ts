import { describe, expect, it } from 'vitest';
import { stressField, StressFieldInput, surfaceOf, type FieldShape } from '../../src/field/index.js';
import type { StressField } from '../../src/field/stress-field.js';
import { fillFillet } from '../../src/field/fillet.js';
import { fillGrid, type CellGrid } from '../../src/field/grid.js';
import { innerEdgeAt, innerEdgeNear } from '../../src/field/inner-edge.js';
import { parseInput } from '../../src/input/parse.js';
import { angle, bar, filletedAngle, turnedBody } from './solid-shapes.js';

type At = [number, number, number];
const corner: At = [8, 10, 8];
const volume = ({ filled, size }: CellGrid): number =>
  filled.reduce((sum, share) => sum + share, 0) * size[0] * size[1] * size[2];
const mended = (radiusMm: number, cellMm = 1): CellGrid => {
  const grid = fillGrid(angle.positions, cellMm);
  fillFillet(grid, surfaceOf(angle.positions), { atMm: corner, radiusMm }, 0);
  return grid;
};
const pulled = (on: FieldShape, fillets: object[]): StressField =>
  stressField(
    on,
    parseInput(StressFieldInput, {
      ...{ modulusMPa: 2000, layerRatio: 1, solid: true, cellMm: 1, fillets },
      held: [{ atMm: [0, 10, 30] }],
      acts: [{ atMm: [40, 10, 4], forceN: [0, 0, -20] }],
    }),
  );

describe('a radius in an inner edge', () => {
  it('is found where two faces lean together, and nowhere else', () => {
    const surface = surfaceOf(angle.positions);
    expect(innerEdgeNear(surface, [9, 10, 9], 3)).toEqual([8, 10, 8]);
    expect(innerEdgeNear(surface, [40, 10, 8], 3)).toBeNull();
    expect(innerEdgeNear(surfaceOf(bar(20, 10, 10).positions), [0, 0, 0], 3)).toBeNull();
    expect(innerEdgeAt(surface, corner, 1).every(p => p.ends.includes(true))).toBe(true);
  });

  it('adds what lies under the cylinder: (1 − π/4)·r² a millimetre of a right-angled edge', () => {
    const plain = volume(fillGrid(angle.positions, 1));
    for (const r of [2, 4, 7]) {
      const added = (1 - Math.PI / 4) * r ** 2 * 20;
      expect(Math.abs((volume(mended(r)) - plain) / added - 1), `radius ${r}`).toBeLessThan(0.04);
    }
  });

  it('runs all round the foot of a boss, without gaps', () => {
    const radius = 6;
    const r = 3;
    const post = turnedBody([
      [0, 0],
      [15, 0],
      [15, 4],
      [radius, 4],
      [radius, 10],
      [0, 10],
    ]);
    // Pappus: the piece under the cylinder times the way of its middle round the post.
    const piece = (1 - Math.PI / 4) * r ** 2;
    const middle = radius + r * ((10 - 3 * Math.PI) / (12 - 3 * Math.PI));
    const grid = fillGrid(post.positions, 0.75);
    const before = volume(grid);
    fillFillet(grid, surfaceOf(post.positions), { atMm: [radius, 0, 4], radiusMm: r }, 0);
    expect(Math.abs((volume(grid) - before) / (piece * 2 * Math.PI * middle) - 1)).toBeLessThan(0.05);
  });

  it('bears what the same part bears with the radius in its file', { timeout: 120_000 }, () => {
    const sharp = pulled(angle, []);
    const filled = pulled(angle, [{ atMm: corner, radiusMm: 5 }]);
    const modelled = pulled(filletedAngle(5), []);
    expect(Math.abs(filled.acts[0]!.deflectionMm / modelled.acts[0]!.deflectionMm - 1)).toBeLessThan(0.01);
    expect(Math.abs(filled.between.MPa / modelled.between.MPa - 1)).toBeLessThan(0.06);
    // Along the layers it is worst where the radius runs out: there a cell reads a fifth more or less, by whether a
    // shaving lies on it. Bending says 20 N × 27 mm / 213 mm³ = 2.53 MPa, and Peterson's factor is some 1.2.
    for (const { along } of [filled, modelled]) {
      expect(along.MPa).toBeGreaterThan(2.53);
      expect(along.MPa).toBeLessThan(1.3 * 2.53);
      expect(along.MPa).toBeLessThan(0.75 * sharp.along.MPa);
    }
    expect(filled.between.MPa).toBeLessThan(0.8 * sharp.between.MPa);
  });

  it('is refused where there is no inner edge, by name', () => {
    expect(() => pulled(angle, [{ atMm: [40, 10, 0], radiusMm: 3 }])).toThrow(/inner edge/);
  });
});
