import type { Candidate, Gate } from '@hornblende/core';
import { describe, expect, it } from 'vitest';
import { thinnestMargin } from '../../../src/features/part/thinnest-margin';

const gate = (fields: Partial<Gate>): Gate =>
  ({ id: 'heat', verdict: 'pass', need: 64, have: 88, unit: '°C', why: '', rescue: null, ...fields }) as Gate;
const candidate = (...gates: Gate[]): Candidate => ({ gates }) as Candidate;

describe('the thinnest margin', () => {
  it('is the gate with the least to spare of what it needs', () => {
    const strength = gate({ id: 'strength', need: 10, have: 11 });
    expect(thinnestMargin(candidate(gate({}), strength))).toBe(strength);
  });
  it('is a marginal one before any that pass', () => {
    const marginal = gate({ id: 'uv', verdict: 'marginal', need: 1, have: 9 });
    expect(thinnestMargin(candidate(gate({ have: 64.1 }), marginal))).toBe(marginal);
  });
  it('is none where no gate has numbers', () => {
    expect(thinnestMargin(candidate(gate({ need: 'any', have: 'direct' })))).toBeNull();
    expect(thinnestMargin(null)).toBeNull();
  });
});
