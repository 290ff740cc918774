import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  cross,
  dot,
  turnWith,
  turned,
  turnedBack,
  turnedHeap,
  unit,
  type Xyz,
} from '../../src/geometry/turn.js';

const direction = fc
  .tuple(
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
    fc.double({ min: -1, max: 1, noNaN: true }),
  )
  .filter(d => Math.hypot(...d) > 0.01);

describe('turns in space', () => {
  it('bring any direction up, and keep lengths and hands', () => {
    fc.assert(
      fc.property(direction, direction, direction, (up, along, p) => {
        const turn = turnWith(up, along);
        expect(turned(turn, unit(up))[2]).toBeCloseTo(1, 9);
        expect(Math.hypot(...turned(turn, p))).toBeCloseTo(Math.hypot(...p), 9);
        expect(dot(cross(turn[0], turn[1]), turn[2])).toBeCloseTo(1, 9);
        for (const [k, v] of turnedBack(turn, turned(turn, p)).entries()) expect(v).toBeCloseTo(p[k]!, 9);
      }),
    );
  });
  it('lay the wished side along X as far as it is flat', () => {
    const [x] = turnWith([0, 0, 1], [3, 0, 5]);
    expect(x).toEqual([1, 0, 0]);
    // Along the upright itself there is no side: another is taken.
    expect(turnWith([0, 0, 1], [0, 0, 2])[2]).toEqual([0, 0, 1]);
    expect(unit([0, 0, 0])).toEqual([0, 0, 1]);
  });
  it('turn a heap corner by corner', () => {
    const turn = turnWith([1, 0, 0], [0, 1, 0]);
    const heap = turnedHeap(new Float32Array([1, 2, 3, 4, 5, 6, 7, 8, 9]), turn);
    expect([...heap.subarray(3, 6)]).toEqual([...turned(turn, [4, 5, 6] as Xyz)]);
  });
});
