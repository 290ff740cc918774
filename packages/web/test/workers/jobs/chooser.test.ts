import { chooserBrief, chooserNeeds } from '@hornblende/core/advice';
import { parsePrinter, parseSpool, type Printer } from '@hornblende/core/formats';
import { ModelScales } from '@hornblende/core/workshop';
import { describe, expect, it } from 'vitest';
import { run as chooser, type ChooserQuestion } from '../../../src/workers/jobs/chooser';
import { run as standings } from '../../../src/workers/jobs/standings';

const spool = parseSpool({ format: 'hornblende-spool', version: 1, material: 'petg' });
const away = parseSpool({ format: 'hornblende-spool', version: 1, material: 'asa', archived: true });
const plain = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Shed' });
const warm = parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Warm', chamberC: 60 });
const ground = {
  field: [],
  grades: [],
  spools: [spool, away],
  workshop: { allowed: [], scales: new ModelScales() },
  air: { now: '2026-06-01T12:00:00Z', rhPct: 50, dryerMaxC: null },
};
const ask = (change: Partial<ChooserQuestion> = {}): ReturnType<typeof chooser> =>
  chooser({ ...ground, printers: [plain, warm], usual: 1, ...change }, () => undefined);
const rows = ask();

describe('the chooser', () => {
  it('has a row a need, a cell a machine, and says how far it is', () => {
    const said: [number, number][] = [];
    const all = chooser({ ...ground, printers: [null], usual: 0 }, (done, total) => said.push([done, total]));
    expect(all.map(r => r.need)).toEqual(chooserNeeds.map(n => n.id));
    expect(all.every(r => r.cells.length === 1)).toBe(true);
    expect(said.at(-1)).toEqual([chooserNeeds.length, chooserNeeds.length]);
  });

  it('answers on every machine as the list of parts answers for the part that stands for the need', () => {
    const firstOf = (need: (typeof chooserNeeds)[number], printer: Printer): string | undefined => {
      const brief = chooserBrief(need);
      const part = { id: need.id, brief, given: need.brief, printer, weather: null, decided: null };
      const reader = { units: 'metric' as const, currency: '€' };
      return standings({ ...ground, parts: [part], reader })[0]?.first?.material;
    };
    for (const [i, need] of chooserNeeds.entries()) {
      const first = rows[i]!.cells.map(c => c.first?.material);
      expect([need.id, ...first]).toEqual([need.id, firstOf(need, plain), firstOf(need, warm)]);
    }
  });

  it('takes from the shelf what lies on it alone, not what is put away', () => {
    const named = rows.flatMap(r => [r.shelf.first, r.shelf.second]).flatMap(p => p?.material ?? []);
    expect(new Set(named)).toEqual(new Set(['petg']));
    expect(rows.find(r => r.need === 'rubber')!.shelf.first).toBeNull();
  });

  it('keeps to what the workshop prints', () => {
    const only = ask({
      workshop: { allowed: [{ material: 'pla' }, { material: 'petg' }], scales: new ModelScales() },
    });
    const named = only
      .flatMap(r => r.cells)
      .flatMap(c => [c.first, c.second])
      .flatMap(p => p?.family ?? []);
    expect(new Set(named)).toEqual(new Set(['pla', 'petg']));
  });
});
