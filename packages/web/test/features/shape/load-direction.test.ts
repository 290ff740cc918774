import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  directionOf,
  directions,
  forceAlong,
  type Direction,
} from '../../../src/features/shape/load-direction';

const all = Object.keys(directions) as Direction[];

describe('the way that a force acts', () => {
  it('is found again in the force, whatever its size', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.double({ min: 0.01, max: 1e5, noNaN: true }),
        (way, newtons) => {
          const force = forceAlong(way, newtons);
          expect(Math.hypot(...force)).toBeCloseTo(newtons, 6);
          expect(directionOf(force)).toBe(way);
        },
      ),
    ));
  it('is down where there is no force, or it acts askew', () => {
    expect(directionOf(null)).toBe('down');
    expect(directionOf(undefined)).toBe('down');
    expect(directionOf([0, 0, 0])).toBe('down');
    expect(directionOf([3, 4, 0])).toBe('down');
  });
  it('has no minus nothing in it: that would be another force in a file', () => {
    for (const way of all) expect(forceAlong(way, 5).some(x => Object.is(x, -0))).toBe(false);
  });
});
