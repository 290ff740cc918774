import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { posterior } from '../../src/lib/posterior.js';
import { t975 } from '../../src/lib/student.js';

describe('beliefs after rows were seen', () => {
  it('are the prior where nothing was', () => {
    const [a, b] = posterior(
      [],
      [
        { mean: 2, sd: 0.5 },
        { mean: -1, sd: 3 },
      ],
    );
    expect([a!.mean, a!.sd, b!.mean, b!.sd].map(x => Number(x.toFixed(9)))).toEqual([2, 0.5, -1, 3]);
  });
  it('halve the way between a belief and a reading that is as sure', () => {
    const [a] = posterior([{ x: [1], y: 4, weight: 1 }], [{ mean: 2, sd: 1 }]);
    expect(a!.mean).toBeCloseTo(3, 12);
    expect(a!.sd).toBeCloseTo(Math.SQRT1_2, 12);
  });
  it('find a line that rows lie on, whatever it is', () => {
    const number = fc.double({ min: -50, max: 50, noNaN: true });
    fc.assert(
      fc.property(number, number, (slope, level) => {
        const rows = [0, 1, 2, 5].map(x => ({ x: [1, x], y: level + slope * x, weight: 1e6 }));
        const vague = { mean: 0, sd: 1e3 };
        const [a, b] = posterior(rows, [vague, vague]);
        expect(a!.mean).toBeCloseTo(level, 4);
        expect(b!.mean).toBeCloseTo(slope, 4);
      }),
    );
  });
});

describe('Student’s t at 97.5 %', () => {
  // Published tables.
  it.each([
    [1, 12.706],
    [2, 4.303],
    [3, 3.182],
    [4, 2.776],
    [9, 2.262],
    [30, 2.042],
  ])('of %i degrees of freedom is %f', (dof, t) => {
    expect(Math.abs(t975(dof) / t - 1)).toBeLessThan(0.01);
  });
});
