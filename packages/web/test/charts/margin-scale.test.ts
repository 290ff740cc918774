import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { marginScale } from '../../src/charts/margin-scale';

const positive = fc.double({ min: 1e-3, max: 1e5, noNaN: true });

describe('the scale that values and a limit share', () => {
  it('holds every value inside, in order', () =>
    fc.assert(
      fc.property(fc.array(positive, { minLength: 2, maxLength: 12 }), values => {
        const { x } = marginScale(values, 300);
        const sorted = [...values].sort((a, b) => a - b);
        for (const v of sorted) {
          expect(x(v)).toBeGreaterThanOrEqual(-1e-6);
          expect(x(v)).toBeLessThanOrEqual(300 + 1e-6);
        }
        for (let i = 1; i < sorted.length; i++)
          expect(x(sorted[i]!)).toBeGreaterThanOrEqual(x(sorted[i - 1]!));
      }),
    ));
  it('goes by ratios where the values span many times themselves', () => {
    expect(marginScale([1, 20], 300).log).toBe(false);
    expect(marginScale([1, 200], 300).log).toBe(true);
    expect(marginScale([-1, 200], 300).log).toBe(false);
  });
  it('never has so many marks that they run into each other', () =>
    fc.assert(
      fc.property(positive, positive, (a, b) => {
        expect(marginScale([a, b], 300).ticks.length).toBeLessThanOrEqual(14);
      }),
    ));
});
