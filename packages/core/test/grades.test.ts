import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ALL_GRADES,
  InputError,
  contenders,
  familyByKey,
  families,
  fillerTrade,
  gradeFamily,
  gradeKey,
  neighboursOf,
  parseGrade,
  propertyDefinition,
  propertyNames,
  rank,
  type Grade,
  type PropertyName,
} from '../src/index.js';
import {
  decodeText,
  guarded,
  previewGrades,
  readGrades,
  unguarded,
  writeGradesCsv,
  writeGradesJson,
} from '../src/tables.js';
import { brief, openPrinter } from './cases.js';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const grade = (fields: object = {}): Grade =>
  parseGrade({
    format: 'hornblende-grade',
    version: 1,
    key: 'tarn-pla',
    name: 'Tarn PLA',
    maker: 'Tarn',
    family: 'pla',
    ...fields,
  });

describe('a grade on top of a family', () => {
  it('measured beats data sheet beats family', () => {
    const f = gradeFamily(grade({ sheet: { yieldMPa: 55, modulusMPa: 3100 }, measured: { yieldMPa: 47 } }));
    expect(f.properties.yieldMPa).toMatchObject({ typical: 47, confidence: 'measured' });
    expect(f.properties.modulusMPa).toMatchObject({ typical: 3100, confidence: 'standard' });
    expect(f.properties.modulusMPa?.source).toContain('Tarn’s data sheet');
    expect(f.properties.densityGcm3).toEqual(familyByKey('pla')?.properties.densityGcm3);
    expect(f.grade).toEqual({ family: 'pla', maker: 'Tarn' });
  });
  it('a measurement is surer than a data sheet, and both than the family', () => {
    const span = (part: object): number => {
      const p = gradeFamily(grade(part)).properties.yieldMPa!;
      return p.high - p.low;
    };
    const family = familyByKey('pla')!.properties.yieldMPa!;
    expect(span({ sheet: { yieldMPa: 50 } })).toBeCloseTo(0.5 * (family.high - family.low), 9);
    expect(span({ measured: { yieldMPa: 50 } })).toBeCloseTo(0.25 * (family.high - family.low), 9);
    expect(
      gradeFamily(grade({ sheet: { yieldMPa: { low: 44, typical: 50, high: 51 } } })).properties.yieldMPa,
    ).toMatchObject({ low: 44, high: 51 });
  });
  it('one heat deflection moves the others, and strength with it', () => {
    const f = gradeFamily(grade({ sheet: { hdt045C: 95 } }));
    const pla = familyByKey('pla')!;
    expect(f.properties.hdt18C?.typical).toBeCloseTo(pla.properties.hdt18C!.typical + 40, 9);
    expect(f.properties.vicatC?.typical).toBeCloseTo(pla.properties.vicatC!.typical + 40, 9);
    expect(f.properties.hdt18C?.source).toContain('moved by 40.0 K');
    const hot = brief({ heat: { setting: 'near-source', sourceC: 75, hoursADay: 2 } });
    expect(rank(hot, { families: [pla] }).firstChoice).toBeNull();
    expect(rank(hot, { families: [f] }).firstChoice).toBe('tarn-pla');
  });
  it('what the family lacks, a grade may state', () => {
    expect(gradeFamily(grade({ sheet: { shoreA: 90 } })).properties.shoreA).toMatchObject({
      low: 90,
      typical: 90,
      high: 90,
    });
  });
  it('stays within low ≤ typical ≤ high and within what a plastic can be, whatever is stated', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...families),
        fc.constantFrom<PropertyName>(...propertyNames),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.boolean(),
        (base, name, share, own) => {
          const { min, max } = propertyDefinition(name);
          const f = gradeFamily(
            grade({ family: base.key, [own ? 'measured' : 'sheet']: { [name]: min + share * (max - min) } }),
          );
          const p = f.properties[name]!;
          expect(
            min <= p.low && p.low <= p.typical && p.typical <= p.high && p.high <= max,
            `${base.key} ${name} ${p.low} ${p.typical} ${p.high}`,
          ).toBe(true);
          for (const [, r] of f.retention) expect(Number.isFinite(r)).toBe(true);
        },
      ),
    );
  });
  it.each([
    ['a key of a family', { key: 'petg' }, 'key: "petg" is the key of a family'],
    ['a key with capitals', { key: 'Tarn PLA' }, 'key: "Tarn PLA" must be small letters'],
    ['an unknown family', { family: 'unobtainium' }, 'family: "unobtainium" must be one of'],
    [
      'a density of lead',
      { sheet: { densityGcm3: 1240 } },
      'sheet.densityGcm3: 1240 must be a number from 0.2 to 12 g/cm³',
    ],
    ['an unknown property', { measured: { shine: 3 } }, 'measured.shine: 3 is not a property'],
    [
      'ends out of order',
      { sheet: { tgC: { low: 60, typical: 55, high: 70 } } },
      'must run low ≤ typical ≤ high',
    ],
    ['text for a number', { sheet: { tgC: 'warm' } }, 'sheet.tgC: "warm" must be a number'],
    ['a window upside down', { windows: { nozzleC: { low: 230, high: 200 } } }, 'windows.nozzleC'],
    ['an unknown window', { windows: { spin: { low: 1, high: 2 } } }, 'windows.spin'],
    ['a list for values', { sheet: [] }, 'sheet: [] must be an object of properties'],
    ['a field of another format', { colour: 'red' }, 'colour: "red" is not a field of this format'],
  ])('%s is refused by name', (_, fields, said) => {
    expect(() => grade(fields)).toThrow(said);
  });
  it('every problem is told at once', () => {
    try {
      grade({ key: 'Bad Key', family: 'x', sheet: { tgC: 'a', densityGcm3: 99 } });
      expect.unreachable();
    } catch (e) {
      expect((e as InputError).problems).toHaveLength(4);
    }
    expect(() => parseGrade('text')).toThrow('must be an object');
  });
  it('keys are made from names', () => {
    expect(gradeKey('Tarn & Söns', 'PLA+ “Matt”')).toBe('tarn-sons-pla-matt');
    expect(gradeKey('', '  ')).toBe('');
  });
});

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
      message: 'must be a number, or low..high, or low..typical..high',
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
});

describe('the trade and the neighbours', () => {
  it('says what a filler gained and gave up', () => {
    const trade = fillerTrade(familyByKey('petg-cf')!);
    const of = (name: PropertyName): string | undefined => trade.find(t => t.name === name)?.verdict;
    expect([of('modulusMPa'), of('alphaPerK'), of('charpy23KJm2'), of('zRatio')]).toEqual([
      'gained',
      'gained',
      'given up',
      'given up',
    ]);
    expect(fillerTrade(familyByKey('petg')!)).toEqual([]);
  });
  it('kin comes first', () => {
    expect(neighboursOf(familyByKey('petg-cf')!, families)[0]?.key).toBe('petg');
    expect(neighboursOf(familyByKey('abs')!, families, 3).map(f => f.key)).toContain('asa');
    expect(neighboursOf(familyByKey('pla')!, families, 40).map(f => f.key)).not.toContain('pla');
  });
});

describe('ranking with grades', () => {
  const b = brief({ heat: { setting: 'indoors' } });
  it('the second choice is another plastic, not another spool of the first', () => {
    const own = gradeFamily(grade({ measured: { yieldMPa: 52 } }));
    const r = rank(b, { printer: openPrinter, families: [...families, own] });
    const second = r.candidates.find(c => c.material === r.secondChoice);
    const first = r.candidates.find(c => c.material === r.firstChoice);
    expect(second?.family).not.toBe(first?.family);
  });
  it('a grade that says nothing ranks beside its family with the same score', () => {
    const r = rank(b, { printer: openPrinter, families: [familyByKey('pla')!, gradeFamily(grade())] });
    expect(r.candidates[0]?.score).toBe(r.candidates[1]?.score);
    expect(r.candidates.map(c => c.material)).toEqual(['pla', 'tarn-pla']);
  });
  it('of many grades the best of each family take part, and the first choice is the same as with all', () => {
    const many = Array.from({ length: 300 }, (_, i) =>
      gradeFamily(
        grade({
          key: `g-${i}`,
          name: `G ${i}`,
          family: families[i % 9]!.key,
          sheet: { hdt045C: 50 + ((i * 37) % 60), pricePerKg: 15 + ((i * 13) % 50) },
        }),
      ),
    );
    fc.assert(
      fc.property(
        fc.constantFrom('weighted' as const, 'step-up' as const, 'weakest-link' as const),
        fc.integer({ min: 20, max: 95 }),
        (school, sourceC) => {
          const hot = brief({ heat: { setting: 'near-source', sourceC }, school });
          const some = contenders(hot, many, { printer: openPrinter }, new Set(['g-299']));
          const first = (list: typeof many): string | null =>
            rank(hot, { printer: openPrinter, families: [...families, ...list] }).firstChoice;
          expect(first(some)).toBe(first(many));
          expect(some.map(g => g.key)).toContain('g-299');
          expect(some.length).toBeLessThanOrEqual(9 * 2 + 1);
        },
      ),
      { numRuns: 25 },
    );
    expect(contenders(b, many.slice(0, ALL_GRADES))).toHaveLength(ALL_GRADES);
  });
});
