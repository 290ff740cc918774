import { describe, expect, it } from 'vitest';
import { firstMachines } from '../../src/advice/first-machines.js';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { families } from '../../src/materials/library.js';
import { decide } from '../../src/records/decide.js';
import { rank } from '../../src/score/rank.js';
import { allowedOf } from '../../src/workshop/allowed.js';
import { parseWorkshop } from '../../src/workshop/settings.js';
import { brief, hotBracket } from '../cases.js';

describe('without a printer', () => {
  const soft = brief({ name: 'Gasket', flex: { want: 'rubbery', shoreA: [80, 90] } });
  const parts = [hotBracket, soft].map(b => ({ name: b.name, brief: b, weather: null }));
  const machines = firstMachines(parts, families);

  it('parts are ranked on their needs; the machine that prints most of them stands first, then the cheapest', () => {
    const counts = machines.map(m => [-m.prints.length, m.price] as const);
    expect(counts).toEqual([...counts].sort((a, b) => a[0] - b[0] || a[1] - b[1]));
    expect(machines[0]!.prints.length).toBeGreaterThan(0);
    const wanted = rank(soft).candidates[0]!.name;
    for (const m of machines)
      for (const p of [...m.prints, ...m.otherwise].filter(x => x.part === 'Gasket'))
        expect(p.material).toBe(wanted);
  });
  it('what prints a first choice does rank it there, and what does not has another or nothing', () => {
    const remote = machines.find(m => m.kind === 'open-remote')!;
    expect(remote.otherwise.map(o => o.part)).toContain('Gasket');
    for (const o of remote.otherwise) expect(o.instead).not.toBe(o.material);
  });
  it('prices of one’s own count', () => {
    const own = firstMachines(parts, families, { 'hot-works': 1 });
    expect(own.find(m => m.kind === 'hot-works')?.price).toBe(1);
  });
});

describe('filaments that a workshop allows', () => {
  const grade = gradeFamily(
    parseGrade({ format: 'hornblende-grade', version: 1, key: 'fell-pla', name: 'Fell PLA', family: 'pla' }),
  );
  const keys = (allowed: string[]): string[] =>
    allowedOf(
      [...families, grade],
      allowed.map(material => ({ material })),
    ).map(f => f.key);

  it('are all where none is named; a family brings its grades, a grade only itself', () => {
    expect(keys([])).toHaveLength(families.length + 1);
    expect(keys(['pla', 'petg'])).toEqual(['pla', 'petg', 'fell-pla']);
    expect(keys(['fell-pla'])).toEqual(['fell-pla']);
  });
  it('are kept in its settings; what is no filament is named', () => {
    const settings = { format: 'hornblende-workshop', version: 1, allowed: [{ material: 'petg' }] };
    expect(parseWorkshop(settings).allowed).toEqual([{ material: 'petg' }]);
    expect(() => parseWorkshop({ ...settings, allowed: [{ material: '' }] })).toThrow('allowed[0].material');
  });
  it('bind a decision: another cannot be chosen, and is named', () => {
    const only = allowedOf(families, [{ material: 'petg' }, { material: 'pla' }]);
    const input = { secondChoice: null, reason: 'Class.', decidedBy: 'T.', hazardAcknowledged: false };
    const ground = { brief: brief(), given: {}, printer: null, weather: null, grades: [], families: only };
    const how = { at: '2026-06-01T12:00:00Z', draws: 50, seed: 1 };
    const record = decide({ ...input, firstChoice: 'petg' }, ground, how);
    expect(record.ranking.candidates.map(c => c.material).sort()).toEqual(['petg', 'pla']);
    expect(() => decide({ ...input, firstChoice: 'asa' }, ground, how)).toThrow('firstChoice');
  });
});
