import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseGrade } from '../../src/materials/grade-parse.js';
import { families } from '../../src/materials/library.js';
import {
  decodeText,
  emptyGradesCsv,
  guarded,
  knownColumns,
  previewGrades,
  readGrades,
  unguarded,
  writeGradesCsv,
  writeGradesJson,
} from '../../src/tables.js';
import { tarnPla as grade } from './tarn-pla.js';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

describe('grades as a table', () => {
  const head = 'key,name,maker,family,hdt045C,measured.yieldMPa';
  it('adds, changes, leaves and rejects row by row', () => {
    const text =
      `${head}\ntarn-pla,Tarn PLA,Tarn,pla,58,\nlow-fell,Low Fell PETG,Low ` +
      'Fell,petg,71,48\nsame,Same,,abs,,\nbad,Bad,,nylon9,70,\n,,,,,\nodd,Odd,,pla,hot,\n';
    const table = readGrades(bytes(text));
    expect(table.problems).toEqual([]);
    const existing = new Map(
      [grade({ sheet: { hdt045C: 55 } }), grade({ key: 'same', name: 'Same', maker: '', family: 'abs' })].map(
        g => [g.key, g],
      ),
    );
    const rows = previewGrades(table.rows, existing);
    expect(rows.map(r => [r.line, r.key, r.verdict])).toEqual([
      [2, 'tarn-pla', 'change'],
      [3, 'low-fell', 'add'],
      [4, 'same', 'same'],
      [5, 'bad', 'reject'],
      [7, 'odd', 'reject'],
    ]);
    expect(rows[0]?.changes).toEqual([{ field: 'hdt045C', before: '55', after: '58' }]);
    expect(rows[3]?.problems[0]).toMatchObject({ field: 'family', value: 'nylon9' });
    expect(rows[4]?.problems[0]).toEqual({
      field: 'hdt045C',
      value: 'hot',
      message: 'must be a number in °C, or low..high, or low..typical..high',
    });
  });
  it.each([
    ['a semicolon and decimal commas', 'name;family;densityGcm3\nFell PLA;pla;1,24\n'],
    ['a tab', 'name\tfamily\tdensityGcm3\nFell PLA\tpla\t1,24\n'],
    ['a bar', 'name|family|densityGcm3\nFell PLA|pla|1.24\n'],
    ['a byte order mark', '\ufeffname,family,densityGcm3\nFell PLA,pla,1.24\n'],
    ['Windows line ends and quotes', '"name","family","densityGcm3"\r\n"Fell PLA","pla","1,24"\r\n'],
    ['columns in another order, with one unknown', 'densityGcm3,family,shelf,name\n1.24,pla,B3,Fell PLA\n'],
  ])('reads %s', (_, text) => {
    const table = readGrades(bytes(text));
    expect(table.problems).toEqual([]);
    expect(table.rows[0]?.problems).toEqual([]);
    expect(table.rows[0]?.grade).toMatchObject({
      key: 'fell-pla',
      family: 'pla',
      sheet: { densityGcm3: { typical: 1.24 } },
    });
  });
  it('reads Latin-1 and UTF-16, and says so', () => {
    const latin = Uint8Array.from('name,maker,family\nGrün,Mühle,pla\n', c => c.charCodeAt(0));
    const table = readGrades(latin);
    expect(table.rows[0]?.grade).toMatchObject({ name: 'Grün', maker: 'Mühle' });
    expect(table.notes[0]).toContain('not UTF-8');
    const wide = new Uint8Array([
      0xff,
      0xfe,
      ...[...'name,family\nÉ,pla'].flatMap(c => [c.charCodeAt(0) & 255, c.charCodeAt(0) >> 8]),
    ]);
    expect(readGrades(wide).rows[0]?.grade?.name).toBe('É');
    expect(decodeText(bytes('é')).note).toBeNull();
  });
  it.each([
    ['nothing', '', 'is empty'],
    ['a heading alone', 'name,family\n', 'no rows'],
    ['missing columns', 'key,maker\na,b\n', 'lacks the columns name and family'],
    ['one missing column', 'name,maker\na,b\n', 'lacks the column family'],
    ['an unknown delimiter', 'name~family\na~pla\n', 'has one column only'],
    ['a column twice', 'name,family,family\na,pla,abs\n', 'has the column family twice'],
    ['an open quote', 'name,family\n"a,pla\n', 'never closed'],
    ['broken JSON', '{"grades": [', 'cannot be read'],
    ['JSON of something else', '{"a": 1}', 'must be a list of grades'],
  ])('%s is refused as a whole', (_, text, said) => {
    const table = readGrades(bytes(text));
    expect(table.rows).toEqual([]);
    expect(table.problems[0]?.message).toContain(said);
  });
  it('a second row with a key is refused, and says where the first stands', () => {
    const rows = readGrades(bytes('key,name,family\na,A,pla\nb,B,pla\na,C,abs\n')).rows;
    expect(rows.map(r => r.grade?.name ?? null)).toEqual(['A', 'B', null]);
    expect(rows[2]?.problems[0]).toEqual({ field: 'key', value: 'a', message: 'stands on line 2 already' });
  });
  it('a stray separator is a problem of its row alone', () => {
    const rows = readGrades(bytes('name,family,hdt045C\nA,pla,5,5\nB,pla,56\n')).rows;
    expect(rows[0]?.problems[0]?.message).toContain('has 4 fields where the heading has 3');
    expect(rows[1]?.grade?.name).toBe('B');
  });
  it('ranges, thousands, minus signs', () => {
    const g = readGrades(
      bytes('name;family;tgC;modulusMPa;yieldMPa;nozzleC\nA;tpu-95a;−35;1 900;40..44..50;210..235\n'),
    ).rows[0]?.grade;
    expect(g?.sheet).toMatchObject({
      tgC: { typical: -35 },
      modulusMPa: { typical: 1900 },
      yieldMPa: { low: 40, typical: 44, high: 50 },
    });
    expect(g?.windows).toEqual({ nozzleC: { low: 210, high: 235 } });
  });
  it('what a spreadsheet would run as a formula is written as text, and comes back the same', () => {
    const g = grade({ name: '=HYPERLINK("x")', maker: '+cmd', note: '@sum\n-2' });
    const csv = writeGradesCsv([g]);
    for (const cell of csv.split(/[,\n]/)) expect(cell).not.toMatch(/^"?[=+@]/);
    expect(readGrades(bytes(csv)).rows[0]?.grade).toEqual(g);
    fc.assert(
      fc.property(fc.string(), s => {
        expect(unguarded(guarded(s))).toBe(s);
      }),
    );
    expect(guarded('-35')).toBe('-35');
  });
  it('CSV and JSON come back as they went', () => {
    const value = fc.double({ min: 30, max: 90, noNaN: true }).map(x => Number(x.toPrecision(6)));
    const made = fc.record({
      key: fc.stringMatching(/^[a-z][a-z0-9]{3,12}$/),
      name: fc.string({ minLength: 1, maxLength: 20 }).filter(s => s.trim() === s && s.length > 0),
      family: fc.constantFrom('pla', 'abs', 'tpu-95a'),
      hdt: value,
      strong: fc.option(value, { nil: undefined }),
      archived: fc.boolean(),
    });
    fc.assert(
      fc.property(fc.uniqueArray(made, { minLength: 1, maxLength: 6, selector: g => g.key }), list => {
        const grades = list.map(g =>
          parseGrade({
            format: 'hornblende-grade',
            version: 1,
            key: `g-${g.key}`,
            name: g.name,
            family: g.family,
            archived: g.archived,
            sheet: { hdt045C: g.hdt },
            measured:
              g.strong === undefined
                ? {}
                : { yieldMPa: { low: g.strong - 1, typical: g.strong, high: g.strong + 2 } },
          }),
        );
        expect(readGrades(bytes(writeGradesCsv(grades))).rows.map(r => r.grade)).toEqual(grades);
        expect(readGrades(bytes(writeGradesJson(grades))).rows.map(r => r.grade)).toEqual(grades);
      }),
      { numRuns: 60 },
    );
  });
  it('ten thousand rows are read with progress', () => {
    const row = (i: number): string =>
      `k${i},Grade ${i},Maker ${i % 40},${families[i % families.length]!.key},${50 + (i % 60)},`;
    const text = [head, ...Array.from({ length: 10_000 }, (_, i) => row(i))].join('\n');
    const seen: number[] = [];
    const table = readGrades(bytes(text), done => seen.push(done));
    expect(table.rows).toHaveLength(10_000);
    expect(table.rows.filter(r => r.problems.length)).toHaveLength(0);
    expect(seen.length).toBeGreaterThan(20);
    expect(seen.at(-1)).toBe(10_000);
    expect(readGrades(bytes(`name,family\n${'A,pla\n'.repeat(20_001)}`)).problems[0]?.message).toContain(
      'at most 20000',
    );
  });
  it('headings and families are understood as people write them', () => {
    const { rows, problems } = readGrades(
      bytes('Name,FAMILY,HDT045C,Measured.YieldMPa\nHill ASA,ASA,95,41\n'),
    );
    expect(problems).toEqual([]);
    expect(rows[0]?.grade).toMatchObject({
      name: 'Hill ASA',
      family: 'asa',
      sheet: { hdt045C: { typical: 95 } },
      measured: { yieldMPa: { typical: 41 } },
    });
  });
  it('a table with fewer columns leaves the others as they are', () => {
    const before = grade({
      note: 'kept',
      sheet: { hdt045C: 55, vicatC: 62 },
      windows: { nozzleC: { low: 200, high: 220 } },
    });
    const table = readGrades(bytes('key,name,family,hdt045C\ntarn-pla,Tarn PLA,pla,58\n'));
    const [row] = previewGrades(table.rows, new Map([[before.key, before]]));
    expect(row?.changes).toEqual([{ field: 'hdt045C', before: '55', after: '58' }]);
    expect(row?.grade).toMatchObject({ maker: 'Tarn', note: 'kept', sheet: { vicatC: { typical: 62 } } });
    expect(row?.grade?.windows).toEqual(before.windows);
    // An empty cell of a column that is there says that there is no value any more.
    const emptied = readGrades(bytes('key,name,family,hdt045C,vicatC\ntarn-pla,Tarn PLA,pla,58,\n'));
    expect(previewGrades(emptied.rows, new Map([[before.key, before]]))[0]?.grade?.sheet).not.toHaveProperty(
      'vicatC',
    );
  });
  it('a bad range is told as it stands in its cell', () => {
    const row = (cell: string): unknown =>
      readGrades(bytes(`name,family,hdt045C\nA,pla,${cell}\n`)).rows[0]?.problems[0];
    expect(row('90..80')).toEqual({
      field: 'hdt045C',
      value: '90..80',
      message: 'must rise from low to high, as in 80..90..100',
    });
    expect(row('50..900')).toMatchObject({ field: 'sheet.hdt045C', value: '50..900' });
  });
  it('reads a number with its unit, or with another of the same measure, and a range whose end has it', () => {
    const read = (column: string, cell: string): unknown => {
      const { rows } = readGrades(bytes(`name;family;${column}\nA;pla;${cell}\n`));
      const grade = rows[0]?.grade;
      return grade
        ? (Object.values({ ...grade.sheet, ...grade.measured, ...grade.windows })[0] as object)
        : rows[0]?.problems[0]?.message;
    };
    expect(read('modulusMPa', '2050 MPa')).toMatchObject({ typical: 2050 });
    expect(read('modulusMPa', '2.05 GPa')).toMatchObject({ typical: 2050 });
    expect(read('hdt045C', '131 F')).toMatchObject({ typical: 55 });
    expect(read('densityGcm3', '1,24 g/cm3')).toMatchObject({ typical: 1.24 });
    expect(read('elongationPct', '12 %')).toMatchObject({ typical: 12 });
    expect(read('measured.yieldMPa', '41..48 MPa')).toMatchObject({ low: 41, high: 48 });
    expect(read('nozzleC', '200..220 °C')).toEqual({ low: 200, high: 220 });
    expect(read('modulusMPa', '2050 mm')).toMatch(/must be a number in MPa/);
    expect(read('elongationPct', '12 kg')).toMatch(/must be a number in %/);
    expect(read('modulusMPa', 'MPa')).toMatch(/must be a number in MPa/);
  });
  it('does not refuse a good row for the sake of one that is refused itself', () => {
    const { rows } = readGrades(bytes('name,family,hdt045C\nA,pla,hot\nA,pla,55\nA,pla,56\n'));
    expect(rows.map(r => r.grade !== null)).toEqual([false, true, false]);
    expect(rows[2]?.problems[0]?.message).toBe('stands on line 3 already');
  });
  it('has nothing to import where no column of values is known', () => {
    const { problems, rows } = readGrades(bytes('name,family,E-Modul,Zug\nA,pla,1,2\nB,abs,3,4\n'));
    expect(rows).toEqual([]);
    expect(problems[0]?.message).toMatch(/only name, family; not known: E-Modul, Zug/);
    // Names and families alone are grades that say no more than that.
    expect(readGrades(bytes('name,family\nA,pla\n')).rows[0]?.grade).not.toBeNull();
  });
  it('tells of every column it knows, and gives a table of them', () => {
    const names = knownColumns().map(c => c.name);
    expect(names.slice(0, 4)).toEqual(['key', 'name', 'maker', 'family']);
    expect(knownColumns().find(c => c.name === 'modulusMPa')).toMatchObject({ unit: 'MPa', needed: false });
    const { problems } = readGrades(bytes(emptyGradesCsv()));
    expect(problems[0]?.message).toBe('has a heading but no rows');
  });
  it('a column or a value named like what every object has is no column and no value', () => {
    const { notes, rows } = readGrades(bytes('name,family,modulusMPa,constructor,toString\nA,pla,,1,2\n'));
    expect(notes[0]).toContain('constructor, toString');
    expect(rows[0]?.grade?.sheet).toEqual({});
    expect(() => parseGrade(JSON.parse('{"sheet":{"constructor":5}}'))).toThrow(
      'is not a name that a field may have',
    );
  });
  it('stops reading at its limit', () => {
    const text = `name,family\n${'A,pla\n'.repeat(20_002)}"never closed`;
    expect(readGrades(bytes(text)).problems[0]?.message).toContain('at most 20000');
  });
});
