import { describe, expect, it } from 'vitest';
import { capital } from '../../src/lib/capital.js';
import { timesIn100 } from '../../src/lib/chance-words.js';

describe('words that sentences share', () => {
  it.each([
    [0, 'less than once in 100'],
    [0.0049, 'less than once in 100'],
    [0.012, 'once in 100'],
    [0.154, '15 times in 100'],
    [1, '100 times in 100'],
  ])('a chance of %s is %s', (chance, said) => expect(timesIn100(chance)).toBe(said));
  it('a sentence begins with a large letter, whatever it begins with', () => {
    expect(capital('ärmel aus PLA')).toBe('Ärmel aus PLA');
    expect(capital('5 mm')).toBe('5 mm');
    expect(capital('')).toBe('');
  });
});
