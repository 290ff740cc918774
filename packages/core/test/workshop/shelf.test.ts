import { describe, expect, it } from 'vitest';
import { familyByKey, families } from '../../src/materials/library.js';
import { decide } from '../../src/records/decide.js';
import { recordDrift } from '../../src/records/record-drift.js';
import { rank } from '../../src/score/rank.js';
import { shelfMaterials, spoolToUse, withShelf } from '../../src/workshop/shelf.js';
import { parseSpool, type Spool } from '../../src/workshop/spool.js';
import { brief, candidate, enclosedPrinter, openPrinter } from '../cases.js';

const now = '2026-06-01T12:00:00Z';
const air = { now, rhPct: 55, dryerMaxC: null };
const spool = (fields: object = {}): Spool =>
  parseSpool({ format: 'hornblende-spool', version: 1, material: 'pa6', ...fields });
const opened = (at: string): object => ({ events: [{ kind: 'opened', at }] });
const dryGate = (shelf: ReturnType<typeof shelfMaterials>): { verdict: string; why: string } =>
  candidate(
    rank(brief(), { printer: { ...enclosedPrinter, dryerMaxC: null }, families: withShelf(families, shelf) }),
    'pa6',
  ).gates.find(g => g.id === 'printability.dryer')!;

describe('the spool that would be used', () => {
  it('is the driest that has filament left, of equals the fullest', () => {
    const rows = [
      { id: 'wet', leftG: 900, waterPct: 2 },
      { id: 'dry', leftG: 100, waterPct: 0.1 },
      { id: 'dry and full', leftG: 700, waterPct: 0.1 },
      { id: 'empty', leftG: 0, waterPct: 0 },
    ];
    expect(spoolToUse(rows)?.id).toBe('dry and full');
    expect(spoolToUse([])).toBeNull();
  });
  it('tells by its ledger whether it is dry; without a dryer that decides', () => {
    const sealed = shelfMaterials([spool()], familyByKey, air);
    const damp = shelfMaterials([spool(opened('2026-01-01'))], familyByKey, air);
    expect(sealed).toEqual([{ material: 'pa6', facts: null, state: 'dry' }]);
    expect(damp[0]?.state).toBe('dry it first');
    expect(dryGate(sealed)).toMatchObject({
      verdict: 'pass',
      why: 'The spool on the shelf is dry by its ledger.',
    });
    expect(dryGate(damp)).toMatchObject({ verdict: 'marginal' });
    expect(dryGate(damp).why).toContain('The spool on the shelf is damp.');
    expect(dryGate([]).verdict).toBe('marginal');
    // The dry one is used while it lasts.
    expect(shelfMaterials([spool(opened('2026-01-01')), spool()], familyByKey, air)[0]?.state).toBe('dry');
  });
  it('does not count once put away, and states its own facts', () => {
    expect(shelfMaterials([spool({ archived: true })], familyByKey, air)).toEqual([]);
    const soft = spool({ material: 'tpu-85a', facts: { drive: 'slow-bowden' } });
    const shelf = shelfMaterials([soft], familyByKey, air);
    const part = brief({ flex: { want: 'rubbery', shoreA: [75, 95] } });
    const of = (list: typeof shelf): string =>
      candidate(rank(part, { printer: openPrinter, families: withShelf(families, list) }), 'tpu-85a').status;
    expect(of([])).toBe('out');
    expect(of(shelf)).not.toBe('out');
  });
  it('is among the premises of a decision: what dries later does not change the record', () => {
    const shelf = shelfMaterials([spool(opened('2026-01-01'))], familyByKey, air);
    const part = brief();
    const record = decide(
      {
        firstChoice: 'petg',
        secondChoice: null,
        reason: 'Here.',
        decidedBy: 'R.',
        hazardAcknowledged: false,
      },
      { brief: part, given: {}, printer: openPrinter, weather: null, grades: [], shelf },
      { at: now, draws: 50, seed: 1 },
    );
    expect(record.premises.shelf).toEqual(shelf);
    expect(recordDrift(record, families, [])).toMatchObject({ differs: false, candidates: [], data: [] });
  });
});
