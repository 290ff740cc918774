import { describe, expect, it } from 'vitest';
import { gradeFamily } from '../../src/materials/grade-family.js';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { familyByKey } from '../../src/materials/library.js';
import { OwnFacts, ownFactsWords, withOwnFacts } from '../../src/materials/own-facts.js';
import { rank } from '../../src/score/rank.js';
import { previewGrades, readGrades } from '../../src/tables.js';
import { brief, candidate, enclosedPrinter, openPrinter } from '../cases.js';

const facts = (stated: Partial<OwnFacts>): OwnFacts => Object.assign(new OwnFacts(), stated);
const grade = (stated: object): ReturnType<typeof parseGrade> =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'tarn-soft',
    name: 'Tarn Soft',
    family: 'tpu-85a',
    facts: stated,
  });
const gate = (key: string, families: Parameters<typeof withOwnFacts>[0][], printer = openPrinter): string =>
  candidate(
    rank(brief({ flex: { want: 'rubbery', shoreA: [75, 95] } }), { printer, families }),
    key,
  ).gates.find(g => g.id === 'printability.drive')!.verdict;

describe('own facts', () => {
  it('of a grade are asked before the family’s: one that runs through a tube does', () => {
    const soft = familyByKey('tpu-85a')!;
    expect(gate('tpu-85a', [soft])).toBe('fail');
    expect(gate('tarn-soft', [gradeFamily(grade({ drive: 'slow-bowden' }))])).toBe('marginal');
    expect(gate('tarn-soft', [gradeFamily(grade({}))])).toBe('fail');
  });
  it('of fibres make it wear brass and shed on skin, whatever its base', () => {
    const filled = withOwnFacts(familyByKey('petg')!, facts({ fibrePct: 12 }));
    const part = brief({ contact: { skin: true } });
    const r = rank(part, { printer: openPrinter, families: [filled] });
    const failed = r.candidates[0]!.gates.filter(g => g.verdict === 'fail').map(g => g.id);
    expect(failed).toEqual(expect.arrayContaining(['contact', 'printability.nozzle-metal']));
    expect(withOwnFacts(filled, facts({ abrasive: 'no' })).flags.abrasive).toBe(false);
  });
  it('of a peeling decide which plate it is printed on', () => {
    const petg = familyByKey('petg')!;
    const held = withOwnFacts(
      petg,
      facts({ holds: [{ plate: 'garolite', adhesive: null, energyJm2: 900 }] }),
    );
    const plate = (f: typeof petg): unknown =>
      rank(brief(), { printer: enclosedPrinter, families: [f] }).candidates[0]!.printing.adhesion;
    expect(plate(held)).toMatchObject({ plate: 'garolite', adhesive: null, energyJm2: 900 });
    expect(plate(petg)).not.toMatchObject({ plate: 'garolite' });
    // The other plates are as the library has them.
    expect(held.adhesion['smooth-pei']).toEqual(petg.adhesion['smooth-pei']);
  });
  it('that are none change nothing, and a slip is named with its field', () => {
    const petg = familyByKey('petg')!;
    expect(withOwnFacts(petg, null)).toBe(petg);
    expect(withOwnFacts(petg, facts({})).flags).toEqual(petg.flags);
    expect(() => grade({ drive: 'sideways' })).toThrow('facts.drive');
    expect(() => grade({ holds: [{ plate: 'slate', energyJm2: 3 }] })).toThrow('facts.holds[0].plate');
  });
  it('are kept by a table that has no column for them, and told by one that changes them', () => {
    const before = grade({ fumes: 'low', holds: [{ plate: 'glass', energyJm2: 40 }] });
    const table = readGrades(
      new TextEncoder().encode('name,family,key,modulusMPa\nTarn Soft,tpu-85a,tarn-soft,20\n'),
    );
    const [row] = previewGrades(table.rows, new Map([[before.key, before]]));
    expect(row?.grade?.facts).toEqual(before.facts);
    expect(row?.changes.map(c => c.field)).toEqual(['modulusMPa']);
    const json = JSON.stringify({
      format: 'hornblende-grades',
      version: 1,
      grades: [grade({ fumes: 'moderate' })],
    });
    const [told] = previewGrades(
      readGrades(new TextEncoder().encode(json)).rows,
      new Map([[before.key, before]]),
    );
    expect(told?.changes).toEqual([
      { field: 'own facts', before: 'fumes low, 40 J/m² on glass', after: 'fumes moderate' },
    ]);
    expect(ownFactsWords(null)).toBe('');
    const all = {
      drive: 'slow-bowden',
      support: 'clings',
      abrasive: 'no',
      finish: 0.4,
      fibrePct: 12,
      holds: [{ plate: 'textured-pei', adhesive: 'glue-stick', energyJm2: 90 }],
    } as const;
    // Nothing of how they are stored is shown.
    expect(ownFactsWords(facts({ ...all, holds: [...all.holds] }))).toBe(
      'feed remote, slowly, supports cling, does not wear brass, looks 40 %, fibres 12 %, ' +
        '90 J/m² on textured PEI with glue stick',
    );
  });
});
