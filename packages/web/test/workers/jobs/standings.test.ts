import { newBrief, parseBrief, parseGrade } from '@hornblende/core';
import { describe, expect, it } from 'vitest';
import { run, type StandingPart } from '../../../src/workers/jobs/standings';

const grade = parseGrade({
  format: 'hornblende-grade',
  version: 1,
  key: 'fell-pla',
  name: 'Fell PLA',
  family: 'pla',
  sheet: { pricePerKg: { low: null, typical: 12, high: null } },
});
const part = (given: object, decided: string | null): StandingPart => ({
  id: 'p1',
  brief: parseBrief({ format: 'hornblende-brief', version: 1, name: 'Jig', ...given }),
  given: { format: 'hornblende-brief', version: 1, name: 'Jig', ...given },
  printer: null,
  weather: null,
  decided,
});

/** Whose sentences they are. */
const reader = { units: 'metric' as const, currency: '€' };

describe('how a part stands today', () => {
  it('names who leads, why, and how many are in the running', () => {
    const [standing] = run({ parts: [part({ sun: 'full' }, null)], grades: [], reader });
    expect(standing?.untouched).toBe(false);
    expect(standing?.first?.why.length).toBeGreaterThan(5);
    expect(standing?.count).toBeGreaterThan(1);
    expect(standing?.decided).toBeNull();
  });
  it('says of an untouched brief that nothing is asked yet', () => {
    expect(newBrief('Jig').name).toBe('Jig');
    expect(run({ parts: [part({}, null)], grades: [], reader })[0]?.untouched).toBe(true);
  });
  it('knows a decided grade by its family, so that another grade of it is no difference', () => {
    const [standing] = run({ parts: [part({ sun: 'none' }, 'fell-pla')], grades: [grade], reader });
    expect(standing?.decided).toEqual({ name: 'Fell PLA', family: 'pla' });
  });
  it('speaks the reader’s units', () => {
    const hot = part({ heat: { setting: 'near-source', sourceC: 90 } }, null);
    const [metric] = run({ parts: [hot], grades: [], reader });
    const [us] = run({ parts: [hot], grades: [], reader: { ...reader, units: 'us' } });
    expect(metric?.first?.material).toBe(us?.first?.material);
    expect(us?.first?.why).not.toContain('°C');
  });
});
