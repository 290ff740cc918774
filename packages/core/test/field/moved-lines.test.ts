import { describe, expect, it } from 'vitest';
import { movedLines, warpField, WarpFieldInput } from '../../src/field/index.js';
import { parseInput } from '../../src/input/parse.js';
import { bar } from './solid-shapes.js';

const figures = { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, cellMm: 2.5 };
const field = warpField(bar(150, 20, 10), parseInput(WarpFieldInput, figures));

describe('lines of a part as it lets go', () => {
  it('come in pieces that join, and bow as the field says', () => {
    const edge = Float32Array.from([0, 0, 0, 150, 0, 0]);
    const { atMm, movesMm } = movedLines(field, edge, 10);
    expect(atMm).toHaveLength(6 * 15);
    for (let i = 6; i < atMm.length; i += 6)
      expect([...atMm.subarray(i, i + 3)]).toEqual([...atMm.subarray(i - 3, i)]);
    const height = (n: number): number => movesMm[6 * n + 2]!;
    const middle = movesMm[6 * 7 + 5]! / 2 + height(7) / 2;
    const ends = (height(0) + movesMm.at(-1)!) / 2;
    expect(ends - middle).toBeCloseTo(field.bowMm, 2);
  });
  it('shrink along the bar: both ends move inwards', () => {
    const { movesMm } = movedLines(field, Float32Array.from([0, 10, 5, 150, 10, 5]), 200);
    expect(movesMm[0]).toBeGreaterThan(0);
    expect(movesMm[3]).toBeLessThan(0);
  });
});
