import { describe, expect, it } from 'vitest';
import { withCurrency } from '../../src/units/prose.js';

describe('money in a sentence', () => {
  it('is given the workshop’s sign, and nothing else is', () => {
    expect(withCurrency('Costs 4.15 each.', '€')).toContain('€4.15');
    expect(withCurrency('Bears 24 K more.', '€')).toBe('Bears 24 K more.');
  });
});
