import fc from 'fast-check';
import { mean } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { latinHypercube } from '../../src/lib/latin-hypercube.js';
import { chance } from '../../src/lib/random.js';
import { sobol, SOBOL_AXES } from '../../src/lib/sobol.js';

/** How many points lie in each of so many equal strata. */
function strata(along: Float64Array, count: number): number[] {
  const held = Array.from({ length: count }, () => 0);
  for (const x of along) held[Math.floor(x * count)]!++;
  return held;
}

describe.each([
  ['Sobol points', sobol],
  ['a Latin hypercube', latinHypercube],
] as const)('%s', (_, points) => {
  it('have one in each stratum of every axis, whatever the seed', () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 1, max: SOBOL_AXES }), (seed, axes) => {
        const all = points(chance(seed), 64, axes);
        expect(all).toHaveLength(axes);
        for (const along of all) expect(strata(along, 64)).toEqual(Array.from({ length: 64 }, () => 1));
      }),
      { numRuns: 40 },
    );
  });
  it('are the same for the same seed and others for another', () => {
    expect(points(chance(4), 16, 3)).toEqual(points(chance(4), 16, 3));
    expect(points(chance(4), 16, 3)).not.toEqual(points(chance(5), 16, 3));
  });
});

describe('Sobol points', () => {
  it('fill the first two axes as a net: one in each box of any shape', () => {
    const [x, y] = sobol(chance(9), 256, 2);
    for (const [across, down] of [
      [256, 1],
      [64, 4],
      [16, 16],
      [4, 64],
    ] as const) {
      const boxes = new Set(
        Array.from(x!, (_, i) => Math.floor(x![i]! * across) * down + Math.floor(y![i]! * down)),
      );
      expect(boxes.size, `${across} × ${down}`).toBe(256);
    }
  });
  it('fill any two axes: of 1024 points each of 256 boxes holds some', () => {
    const all = sobol(chance(2), 1024, SOBOL_AXES);
    for (let a = 0; a < SOBOL_AXES; a++)
      for (let b = 0; b < a; b++) {
        const boxes = new Set(
          Array.from(all[a]!, (x, i) => Math.floor(x * 16) * 16 + Math.floor(all[b]![i]! * 16)),
        );
        // Independent points leave about five empty.
        expect(boxes.size, `${a} ${b}`).toBe(256);
      }
  });
  it('integrate a smooth product many times closer than independent points do', () => {
    const axes = 8;
    const exact = 1;
    const errors = Array.from({ length: 12 }, (_, seed) => {
      const all = sobol(chance(seed), 1024, axes);
      // Π (1 + (x − ½)/2) has the mean 1.
      const values = Array.from({ length: 1024 }, (_, i) =>
        all.reduce((product, along) => product * (1 + (along[i]! - 0.5) / 2), 1),
      );
      return (mean(values) - exact) ** 2;
    });
    // Of independent points: variance (1 + 1/48)^8 − 1 over 1024.
    const independent = ((1 + 1 / 48) ** axes - 1) / 1024;
    expect(mean(errors)).toBeLessThan(independent / 100);
  });
  it('says for how many axes there are numbers', () => {
    expect(() => sobol(chance(1), 8, SOBOL_AXES + 1)).toThrow(
      `${SOBOL_AXES} axes, not for ${SOBOL_AXES + 1}`,
    );
  });
});
