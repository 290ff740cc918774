import { describe, expect, it } from 'vitest';
import { skinOf, stressField, StressFieldInput, type Skin } from '../../src/field/index.js';
import { extent } from '../../src/geometry/index.js';
import { parseInput } from '../../src/input/parse.js';
import { bar } from './solid-shapes.js';

const places = { held: [{ atMm: [0, 6, 4] }], acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }] };
const skin = (more: object = {}): Skin =>
  skinOf(
    stressField(
      bar(60, 12, 8),
      parseInput(StressFieldInput, { modulusMPa: 2000, cellMm: 2, ...places, ...more }),
    ),
  );

describe('the skin of a field', () => {
  it('closes round the shape: its own size, surface and volume, facing outwards', () => {
    const found = extent(skin().positions);
    const solid = extent(bar(60, 12, 8).positions);
    expect(found.volumeMm3).toBeCloseTo(solid.volumeMm3, 3);
    expect(found.surfaceMm2).toBeCloseTo(solid.surfaceMm2, 3);
    expect(found.lowMm).toEqual(solid.lowMm);
    expect(found.highMm).toEqual(solid.highMm);
  });
  it('says of each face what its cell bears: most at the root, next to nothing at the tip', () => {
    const { positions, along, between } = skin();
    expect(along).toHaveLength(positions.length / 18);
    expect(between).toHaveLength(along.length);
    const at = (x: number): number =>
      Math.max(...along.filter((_, face) => Math.abs(positions[18 * face]! - x) < 3));
    expect(at(0)).toBeGreaterThan(3);
    expect(at(60)).toBeLessThan(1);
  });
  it('moves as its nodes do: nothing where it is held, the deflection where the load acts', () => {
    for (const up of [
      [0, 0, 1],
      [0, 1, 0],
    ]) {
      const found = stressField(
        bar(60, 12, 8),
        parseInput(StressFieldInput, { modulusMPa: 2000, cellMm: 2, ...places, up }),
      );
      const { positions, moves } = skinOf(found);
      const downAt = (x: number): number[] =>
        [...moves].filter((_, i) => i % 3 === 2 && Math.abs(positions[i - 2]! - x) < 1e-3);
      expect(Math.max(...downAt(0).map(Math.abs))).toBe(0);
      const tip = downAt(60);
      expect(-tip.reduce((s, z) => s + z, 0) / tip.length).toBeCloseTo(found.acts[0]!.deflectionMm, 2);
    }
  });
  it('lies in the axes of the file, however the part lies on the plate', () => {
    const { lowMm, highMm } = extent(skin({ up: [0, 1, 0] }).positions);
    [0, 0, 0].forEach((x, k) => expect(lowMm[k]).toBeCloseTo(x, 3));
    [60, 12, 8].forEach((x, k) => expect(highMm[k]).toBeCloseTo(x, 3));
  });
});
