import { newBrief, parseBrief } from '@hornblende/core/brief';
import { parsePrinter, parseSpool, type Spool } from '@hornblende/core/formats';
import { parseGrade } from '@hornblende/core/materials';
import { ServiceFieldInput, type FieldEvidence } from '@hornblende/core/service';
import { ModelScales } from '@hornblende/core/workshop';
import { describe, expect, it } from 'vitest';
import { provisional, run, type StandingPart } from '../../../src/workers/jobs/standings';

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

/** An empty shelf, and nothing in service. */
const shelf = {
  field: [],
  workshop: { allowed: [], scales: new ModelScales() },
  spools: [],
  air: { now: '2026-06-01T12:00:00Z', rhPct: 50, dryerMaxC: null },
};
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

  it('heeds what own parts did outdoors where the brief asks the field, and only there', () => {
    const outside = (school: string): StandingPart =>
      part({ heat: { setting: 'outdoors' }, sun: 'full', lifeYears: 10, outdoorSchool: school }, null);
    const first = (school: string, field: FieldEvidence[]): string | undefined =>
      run({ parts: [outside(school)], ...shelf, field, grades: [], reader })[0]?.first?.family;
    const lead = first('field', [])!;
    // So many parts of that family fell to the sun that nobody would print it again.
    const fell: FieldEvidence = {
      ...{ family: lead, factor: 0.05, low: 0.04, high: 0.06, ownWeight: 1, failures: 40, parts: 40 },
      input: new ServiceFieldInput(),
    };
    expect(first('field', [fell])).not.toBe(lead);
    expect(first('laboratory', [fell])).toBe(first('laboratory', []));
  });
});

describe('which first choices are provisional', () => {
  const ask = (...parts: StandingPart[]): string[] =>
    provisional({ parts, ...shelf, grades: [], reader }, () => undefined);
  it('are those of briefs with a question open that would change them', () => {
    const open = part({ heat: { setting: 'outdoors' } }, null);
    const said = part(
      { purpose: 'functional', heat: { setting: 'outdoors' }, sun: 'full', water: 'rain', loads: [] },
      null,
    );
    expect(ask({ ...open, id: 'open' }, { ...said, id: 'said' })).toEqual(['open']);
  });
  it('a brief that says nothing has no first choice to doubt', () => {
    expect(ask(part({}, null))).toEqual([]);
  });
});
