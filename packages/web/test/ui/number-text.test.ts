import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { allowedNumber, numberText, readNumber } from '../../src/ui/number-text';

const share = { min: 0, max: 1, percent: true };

describe('a plain number as it is typed', () => {
  it('reads a share as it shows it', () => {
    expect(numberText(0.4, share)).toBe('40 %');
    for (const typed of ['40 %', '40%', '40', '0.4', '0,4'])
      expect(readNumber(typed, share), typed).toBe(0.4);
    expect(readNumber('140 %', share)).toBeNull();
    expect(allowedNumber(share)).toBe('a number from 0 % to 100 %');
  });
  it('takes no percent sign where no share is meant', () => {
    expect(readNumber('40 %', { min: 0, max: 100 })).toBeNull();
  });
  it('refuses what is no number, out of range, or not whole', () => {
    for (const typed of ['', 'minus', '1.2.3', '900', '1e999'])
      expect(readNumber(typed, { min: 0, max: 100 })).toBeNull();
    expect(readNumber('2.5', { min: 0, max: 9, integer: true })).toBeNull();
    expect(readNumber('−3', { min: -9, max: 9 })).toBe(-3);
  });
  it('reads back every number it shows', () =>
    fc.assert(
      fc.property(fc.double({ min: -1e6, max: 1e6, noNaN: true }), x => {
        expect(readNumber(numberText(x), { min: -1e6, max: 1e6 })).toBe(x === 0 ? 0 : x);
      }),
    ));
});
