import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { posterior } from '../../src/lib/posterior.js';
import { shrunk } from '../../src/lib/shrink.js';

const prior = { mean: 0, sd: 0.5 };
const group = fc.record({
  mean: fc.double({ min: -1, max: 1, noNaN: true }),
  se: fc.double({ min: 0.02, max: 1, noNaN: true }),
});

describe('makers within a family', () => {
  it('is the marginal of the joint normal: μ and a deviation for each maker, solved as one', () =>
    fc.assert(
      fc.property(
        fc.array(group, { minLength: 1, maxLength: 6 }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        (groups, between) => {
          const found = shrunk(groups, between, prior);
          const priors = [prior, ...groups.map(() => ({ mean: 0, sd: between }))];
          const rows = groups.map(({ mean, se }, i) => ({
            x: priors.map((_, k) => Number(k === 0 || k === i + 1)),
            y: mean,
            weight: se ** -2,
          }));
          const joint = posterior(rows, priors);
          expect(found.overall.mean).toBeCloseTo(joint[0]!.mean, 9);
          expect(found.overall.sd).toBeCloseTo(joint[0]!.sd, 9);
          groups.forEach((_, i) =>
            expect(found.groups[i]!.mean).toBeCloseTo(joint[0]!.mean + joint[i + 1]!.mean, 9),
          );
        },
      ),
    ));
  it('one maker that is odd hardly moves the family; several that agree do', () => {
    const odd = { mean: 0.6, se: 0.05 };
    const one = shrunk([odd], 0.2, prior);
    const three = shrunk([odd, odd, odd], 0.2, prior);
    expect(one.overall.mean).toBeLessThan(three.overall.mean);
    expect(three.overall.sd).toBeLessThan(one.overall.sd);
    expect(one.groups[0]!.mean).toBeGreaterThan(one.overall.mean);
    // Precisely measured, a maker is what it was measured to be.
    expect(one.groups[0]!.mean).toBeGreaterThan(0.57);
  });
  it('the less was measured of a maker, the nearer the others it is held to be', () => {
    const others = [
      { mean: 0, se: 0.05 },
      { mean: 0.02, se: 0.05 },
    ];
    const at = (se: number): number => shrunk([...others, { mean: 0.5, se }], 0.2, prior).groups[2]!.mean;
    expect(at(0.5)).toBeLessThan(at(0.1));
    expect(at(0)).toBe(0.5);
  });
});
