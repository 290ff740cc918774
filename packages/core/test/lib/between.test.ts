import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between, ramp } from '../../src/lib/between.js';
import { timeWords } from '../../src/lib/time-words.js';

const number = fc.double({ min: -1e4, max: 1e4, noNaN: true });

describe('a value between points', () => {
  const hill = [
    [0, 1],
    [10, 5],
    [20, 2],
  ] as const;
  it('runs straight between them and is flat outside', () => {
    expect([-5, 0, 5, 10, 15, 20, 99].map(x => between(hill, x))).toEqual([1, 1, 3, 5, 3.5, 2, 2]);
    expect(between([[3, 7]], -100)).toBe(7);
  });
  it('never leaves what its points span, and never jumps', () =>
    fc.assert(
      fc.property(number, fc.double({ min: 0, max: 1e-3, noNaN: true }), (x, step) => {
        const y = between(hill, x);
        expect(y).toBeGreaterThanOrEqual(1);
        expect(y).toBeLessThanOrEqual(5);
        expect(Math.abs(between(hill, x + step) - y)).toBeLessThanOrEqual(0.4 * step + 1e-9);
      }),
    ));
});

describe('a ramp', () => {
  it('rises or falls as its points are given, and stays within 0 and 1', () => {
    expect([30, 40, 50, 60, 70].map(x => ramp(x, 40, 60))).toEqual([0, 0, 0.5, 1, 1]);
    expect([30, 40, 50, 60, 70].map(x => ramp(x, 60, 40))).toEqual([1, 1, 0.5, 0, 0]);
  });
  it('turned round is what is left of it', () =>
    fc.assert(
      fc.property(number, number, number, (x, a, b) => {
        fc.pre(Math.abs(a - b) > 1e-6);
        expect(ramp(x, a, b) + ramp(x, b, a)).toBeCloseTo(1, 9);
      }),
    ));
});

describe('a span of time in words', () => {
  it.each([
    [400, 'more than 50 years'],
    [12, '12 years'],
    [1.2, '14 months'],
    [0.1, '37 days'],
    [0.001, '8.8 hours'],
    [1e-7, 'an hour'],
  ])('%s years are %s', (years, words) => expect(timeWords(years)).toBe(words));
});
