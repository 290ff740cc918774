import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { familyByKey } from '../../src/materials/library.js';
import { roughDate } from '../../src/service/rough-date.js';
import { materialFinderByName, readPlacedTable, type PlacedTable } from '../../src/tables.js';

const grades = [{ key: 'lowmoor-petg', name: 'Lowmoor PETG' }];
const read = (text: string, more: object = {}): PlacedTable =>
  readPlacedTable(new TextEncoder().encode(text), {
    existing: [],
    materialNamed: materialFinderByName(grades, key => familyByKey(key) !== undefined),
    origin: '',
    weight: 1,
    today: '2026-03-01',
    ...more,
  });
const verdicts = (t: PlacedTable): string[] => t.rows.map(r => r.verdict);

describe('a table of parts in service', () => {
  it('needs three answers a row, and takes headings as people write them', () => {
    const t = read('Part;Filament;Installed\nHook;ASA;14.5.2021\nClip;lowmoor petg;2020\n');
    expect(t.columns.map(c => c.as)).toEqual(['name', 'material', 'since']);
    expect(verdicts(t)).toEqual(['add', 'add']);
    expect(t.rows[0]!.placement).toMatchObject({
      ...{ name: 'Hook', since: '2021-05-14', sinceRough: false, weight: 1, origin: '' },
      materials: [{ material: 'asa', share: 1 }],
      place: { where: 'not said', heat: 'outdoors', sun: 'none' },
    });
    expect(t.rows[1]!.placement).toMatchObject({ since: '2020-07-01', sinceRough: true });
    expect(t.rows[1]!.placement!.materials[0]!.material).toBe('lowmoor-petg');
    expect(t.rows[1]!.looks).toEqual([]);
  });
  it('reads a paste with tabs: sun, air, outcome and when it was seen', () => {
    const t = read(
      'name\tmaterial\tsince\twhere\tsun\tair\tstate\tlast seen\tpart temperature\n' +
        'Bracket\tPETG\tMay 2021\tgarden\tfull\tgarden\tsnapped\t2.8.2025\t140 F\n' +
        'Peg\tPLA or ABS?\t2024-01-05\tvan\tno\tcar\tmelted\t2024-08\t\n' +
        'Lid\tASA\t2023\tshed\thalf\tinside\tok\t\t\n',
    );
    const [bracket, peg, lid] = t.rows;
    expect(bracket!.placement!.place).toMatchObject({ sun: 'full', heat: 'outdoors', where: 'garden' });
    expect(bracket!.placement!.place.partMaxC).toBeCloseTo(60, 9);
    expect(bracket!.looks[0]).toMatchObject({
      verdict: 'failed',
      mode: 'cracked',
      at: '2025-08-02T12:00:00Z',
    });
    expect(peg!.placement!.materials).toEqual([
      { material: 'pla', share: 0.5 },
      { material: 'abs', share: 0.5 },
    ]);
    expect(peg!.looks[0]).toMatchObject({ verdict: 'failed', mode: 'deformed', at: '2024-08-15T12:00:00Z' });
    expect(lid!.looks[0]).toMatchObject({ verdict: 'fine', mode: null, at: '2026-03-01T12:00:00Z' });
  });
  it('names field, value and what is allowed of forty rows with slips, and takes the others', () => {
    const good = Array.from(
      { length: 34 },
      (_, i) => `Part ${i},petg,2022-0${1 + (i % 9)}-10,bay ${i % 4},half,fine`,
    );
    const bad = [
      'Wrong plastic,unobtainium,2022-01-10,bay,half,fine',
      'No date,petg,soon,bay,half,fine',
      'Ahead,petg,2031-01-01,bay,half,fine',
      'Odd sun,petg,2022-01-10,bay,lots,fine',
    ];
    const doubles = ['Part 3,petg,2022-04-10,bay 3,half,fine', 'part 5,PETG,10.6.2022,Bay 1,,'];
    const t = read(['name,filament,since,where,sun,outcome', ...good, ...bad, ...doubles].join('\n'));
    expect(t.rows).toHaveLength(40);
    expect(t.rows.filter(r => r.verdict === 'add')).toHaveLength(34);
    expect(t.rows.filter(r => r.verdict === 'double').map(r => r.twin)).toEqual([
      'is the same as line 5',
      'is the same as line 7',
    ]);
    const wrong = t.rows.filter(r => r.verdict === 'reject');
    expect(wrong.map(r => [r.line, r.problems[0]!.field, r.problems[0]!.value])).toEqual([
      [36, 'material', 'unobtainium'],
      [37, 'since', 'soon'],
      [38, 'since', '2031-01-01'],
      [39, 'sun', 'lots'],
    ]);
    expect(wrong[3]!.problems[0]!.message).toBe('must be one of none, reflected, part, full');
  });
  it('knows a part that is out there already', () => {
    const known = read('name,of,since,where\nHook,asa,2021-05-14,Orchard\n').rows[0]!.placement!;
    const t = read('name,of,since,where\nhook,petg,14/5/2021,orchard\n', { existing: [known] });
    expect(t.rows[0]).toMatchObject({ verdict: 'double', twin: 'is out there already' });
  });
  it('marks others’ records with whose they are and how much they count, a row by itself otherwise', () => {
    const t = read('name,of,since,weight,source\nA,asa,2021,,\nB,asa,2021,0.2,Moorside club\n', {
      origin: 'Fell growers',
      weight: 0.5,
    });
    expect(t.rows.map(r => [r.placement!.origin, r.placement!.weight])).toEqual([
      ['Fell growers', 0.5],
      ['Moorside club', 0.2],
    ]);
  });
  it('reads JSON alike, says what it leaves out, and refuses a table that lacks what is needed', () => {
    const json = read(JSON.stringify([{ name: 'A', material: 'asa', since: '2021', mood: 'good' }]));
    expect(verdicts(json)).toEqual(['add']);
    expect(json.notes[0]).toContain('mood');
    expect(read('name,place\nA,here\n').problems[0]!.message).toMatch(
      /^lacks the columns material and since; it has/,
    );
    expect(read('').problems[0]!.message).toBe('is empty');
    expect(read('name,part,of,since\nA,A,asa,2021\n').problems[0]!.message).toContain('two columns for name');
    expect(read('[1, 2]').problems[0]!.message).toContain('must be a list of parts');
  });
  it('never throws, whatever is in the file', () =>
    fc.assert(
      fc.property(
        fc.string(),
        fc.array(fc.array(fc.string(), { maxLength: 5 }), { maxLength: 6 }),
        (head, rows) => {
          const t = read(`name,of,since,${head}\n${rows.map(r => r.join(',')).join('\n')}`);
          for (const r of t.rows) expect(r.verdict === 'reject').toBe(r.placement === null);
        },
      ),
    ));
});

describe('a date as it is remembered', () => {
  it.each([
    ['2021-05-14', '2021-05-14', false],
    ['14.5.2021', '2021-05-14', false],
    ['5/14/2021', '2021-05-14', false],
    ['14 May 2021', '2021-05-14', false],
    ['about 14 May 2021', '2021-05-14', true],
    ['May 2021', '2021-05-15', true],
    ['5/2021', '2021-05-15', true],
    ['2021', '2021-07-01', true],
  ])('%s is %s', (text, on, rough) => {
    expect(roughDate(text)).toEqual({ on, rough });
  });
  it.each(['', 'soon', '31.2.2021', '2021-13-01', 'Smarch 2021', '14.5.21'])('“%s” is none', text => {
    expect(roughDate(text)).toBeNull();
  });
});
