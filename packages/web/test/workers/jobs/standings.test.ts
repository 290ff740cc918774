import { newBrief, parseBrief, parseGrade, parsePrinter, parseSpool, type Spool } from '@hornblende/core';
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

/** An empty shelf. */
const shelf = { allowed: [], spools: [], air: { now: '2026-06-01T12:00:00Z', rhPct: 50, dryerMaxC: null } };
/** Whose sentences they are. */
const reader = { units: 'metric' as const, currency: '€' };

describe('how a part stands today', () => {
  it('names who leads, why, and how many are in the running', () => {
    const [standing] = run({ parts: [part({ sun: 'full' }, null)], ...shelf, grades: [], reader });
    expect(standing?.untouched).toBe(false);
    expect(standing?.first?.why.length).toBeGreaterThan(5);
    expect(standing?.count).toBeGreaterThan(1);
    expect(standing?.decided).toBeNull();
  });
  it('says of an untouched brief that nothing is asked yet', () => {
    expect(newBrief('Jig').name).toBe('Jig');
    expect(run({ parts: [part({}, null)], ...shelf, grades: [], reader })[0]?.untouched).toBe(true);
  });
  it('knows a decided grade by its family, so that another grade of it is no difference', () => {
    const [standing] = run({ parts: [part({ sun: 'none' }, 'fell-pla')], ...shelf, grades: [grade], reader });
    expect(standing?.decided).toEqual({ name: 'Fell PLA', family: 'pla' });
  });
  it('is that of the spool that would be used: what runs through a tube by one’s own word does', () => {
    const gasket = part({ flex: { want: 'rubbery', shoreA: [80, 90] } }, null);
    const printer = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Tube', drive: 'bowden' });
    const spool = parseSpool({
      format: 'hornblende-spool',
      version: 1,
      material: 'tpu-85a',
      facts: { drive: 'any' },
    });
    const ask = (spools: Spool[]): string | undefined =>
      run({ parts: [{ ...gasket, printer }], ...shelf, spools, grades: [], reader })[0]?.first?.material;
    expect(ask([spool])).toBe('tpu-85a');
    expect(ask([])).not.toBe('tpu-85a');
  });
  it('speaks the reader’s units', () => {
    const hot = part({ heat: { setting: 'near-source', sourceC: 90 } }, null);
    const [metric] = run({ parts: [hot], ...shelf, grades: [], reader });
    const [us] = run({ parts: [hot], ...shelf, grades: [], reader: { ...reader, units: 'us' } });
    expect(metric?.first?.material).toBe(us?.first?.material);
    expect(us?.first?.why).not.toContain('°C');
  });
});
