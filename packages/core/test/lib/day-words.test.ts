import { describe, expect, it } from 'vitest';
import { dayWords } from '../../src/lib/day-words.js';

describe('a day in words', () => {
  it('is the same for a day and for any moment of it', () => {
    expect(dayWords('2026-05-09')).toBe('9 May 2026');
    expect(dayWords('2026-05-09T23:59:59.999Z')).toBe('9 May 2026');
    expect(dayWords('1999-12-31')).toBe('31 Dec 1999');
  });
});
