import Papa from 'papaparse';
import { InputError, type Problem } from '../formats/parse.js';
import {
  Grade,
  gradeKey,
  parseGrade,
  windowLimits,
  windowNames,
  type GradeValue,
  type GradeValues,
} from './grade.js';
import type { WindowName } from './family.js';
import { propertyDefinitions, propertyNames, type PropertyName } from './property.js';

/** One row of a table of grades: the grade, or what is wrong with it. `line` counts from 1 as a text editor does; entries of a JSON list count from 1 too. */
export interface GradeRow {
  line: number;
  key: string;
  name: string;
  grade: Grade | null;
  problems: Problem[];
}

/** A table of grades as read. With `problems`, the file as a whole cannot be used; else each row stands for itself. */
export interface GradeTable {
  rows: GradeRow[];
  problems: Problem[];
  notes: string[];
}

/** The largest table that is read at once. */
export const MAX_GRADES = 20_000;

const identity = ['key', 'name', 'maker', 'family', 'note', 'archived'] as const;
const MEASURED = 'measured.';
const delimiters = [',', ';', '\t', '|'];

/**
 * Text of a file in UTF-8 (with or without its mark), UTF-16 with its mark, or else Windows Latin, as spreadsheets save it.
 * @returns the text, and a note where it was not plain UTF-8
 */
export function decodeText(bytes: Uint8Array): { text: string; note: string | null } {
  const mark = ((bytes[0] ?? 0) << 8) | (bytes[1] ?? 0);
  if (mark === 0xfffe || mark === 0xfeff)
    return {
      text: new TextDecoder(mark === 0xfffe ? 'utf-16le' : 'utf-16be').decode(bytes),
      note: 'Read as UTF-16.',
    };
  try {
    return { text: new TextDecoder('utf-8', { fatal: true }).decode(bytes), note: null };
  } catch {
    return {
      text: new TextDecoder('windows-1252').decode(bytes),
      note: 'This is not UTF-8; it was read as Western European (Windows Latin). Check accented letters.',
    };
  }
}

/** Called now and then with how many of how many rows are read. */
export type Progress = (done: number, total: number) => void;

/** Reads grades from CSV or JSON, whichever it is. Never throws for what is in the file: problems are in the answer. */
export function readGrades(bytes: Uint8Array, progress: Progress = () => undefined): GradeTable {
  const { text, note } = decodeText(bytes);
  const plain = text.replace(/^\ufeff/, '');
  const table = /^\s*[[{]/.test(plain) ? fromJson(plain, progress) : fromCsv(plain, progress);
  if (note) table.notes.unshift(note);
  rejectDuplicates(table.rows);
  return table;
}

function failed(message: string, value: unknown = null): GradeTable {
  return { rows: [], notes: [], problems: [{ field: '(file)', value, message }] };
}

function fromJson(text: string, progress: Progress): GradeTable {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (e) {
    return failed(`looks like JSON but cannot be read: ${(e as Error).message}`);
  }
  const list = Array.isArray(data) ? (data as unknown[]) : (data as { grades?: unknown }).grades;
  if (!Array.isArray(list)) return failed('must be a list of grades, or an object with a list "grades"');
  if (list.length > MAX_GRADES)
    return failed(`holds ${list.length} grades; at most ${MAX_GRADES} are read at once`);
  const rows = list.map((entry: unknown, i): GradeRow => {
    if (i % 200 === 0) progress(i, list.length);
    const plain = typeof entry === 'object' && entry !== null ? (entry as Record<string, unknown>) : {};
    return readRow(i + 1, String(plain.key ?? ''), String(plain.name ?? ''), entry);
  });
  progress(list.length, list.length);
  return { rows, problems: [], notes: [] };
}

function fromCsv(text: string, progress: Progress): GradeTable {
  if (!text.trim()) return failed('is empty');
  const head = text.slice(0, text.search(/\r|\n|$/));
  const { data, errors, meta } = Papa.parse<string[]>(text, {
    skipEmptyLines: false,
    delimitersToGuess: delimiters,
    ...(delimiterOf(head) ? { delimiter: delimiterOf(head) } : {}),
  });
  const broken = errors.find(e => e.type === 'Quotes');
  if (broken) return failed(`has a quotation mark that is never closed, near line ${(broken.row ?? 0) + 1}`);
  const columns = (data[0] ?? []).map(c => c.trim());
  const missing = ['name', 'family'].filter(c => !columns.includes(c));
  if (missing.length) {
    return failed(
      columns.length < 2
        ? `has one column only ("${head.slice(0, 60)}"): the fields must be separated by a comma, a semicolon, a tab or a bar`
        : `lacks the column${missing.length > 1 ? 's' : ''} ${missing.join(' and ')}; it has ${columns.slice(0, 12).join(', ')}`,
    );
  }
  const twice = columns.find((c, i) => c && columns.indexOf(c) !== i);
  if (twice) return failed(`has the column ${twice} twice`);
  const unknown = columns.filter(c => c && !isColumn(c));
  const notes = unknown.length
    ? [`Columns that are not known here are left out: ${unknown.join(', ')}.`]
    : [];
  const count = data.length - 1;
  if (count > MAX_GRADES) return failed(`holds ${count} rows; at most ${MAX_GRADES} are read at once`);
  // Where the comma does not separate fields, it can only be a decimal comma.
  const decimalComma = meta.delimiter !== ',';
  const rows: GradeRow[] = [];
  data.slice(1).forEach((cells, i) => {
    if (i % 200 === 0) progress(i, count);
    if (cells.every(c => !c.trim())) return;
    rows.push(fromCells(i + 2, columns, cells, decimalComma));
  });
  progress(count, count);
  if (!rows.length) return failed('has a heading but no rows');
  return { rows, problems: [], notes };
}

/** The delimiter that splits the heading into known columns, if one does. */
function delimiterOf(head: string): string | undefined {
  return delimiters.find(d => {
    const names = head.split(d).map(c => c.trim().replace(/^"|"$/g, ''));
    return names.includes('name') && names.includes('family');
  });
}

function isColumn(name: string): boolean {
  const bare = name.startsWith(MEASURED) ? name.slice(MEASURED.length) : name;
  return (
    bare in propertyDefinitions || name in windowLimits || (identity as readonly string[]).includes(name)
  );
}

function fromCells(line: number, columns: string[], cells: string[], decimalComma: boolean): GradeRow {
  const problems: Problem[] = [];
  const get = (name: string): string => unguarded((cells[columns.indexOf(name)] ?? '').trim());
  if (cells.length > columns.length && cells.slice(columns.length).some(c => c.trim()))
    problems.push({
      field: '(row)',
      value: cells.length,
      message: `has ${cells.length} fields where the heading has ${columns.length}: an unquoted separator?`,
    });
  const sheet: Record<string, unknown> = {};
  const measured: Record<string, unknown> = {};
  const windows: Record<string, unknown> = {};
  columns.forEach((column, i) => {
    const cell = (cells[i] ?? '').trim();
    if (!cell || !isColumn(column) || (identity as readonly string[]).includes(column)) return;
    const numbers = cell.split('..').map(t => readNumber(t, decimalComma));
    const number = (k: number): number | null => numbers[k] ?? null;
    if (numbers.some(n => n === null) || numbers.length > 3) {
      problems.push({
        field: column,
        value: cell,
        message: 'must be a number, or low..high, or low..typical..high',
      });
      return;
    }
    if (column in windowLimits) {
      if (numbers.length === 2) windows[column] = { low: number(0), high: number(1) };
      else problems.push({ field: column, value: cell, message: 'must be a window: low..high' });
      return;
    }
    const [low, typical, high] =
      numbers.length === 1
        ? [null, number(0), null]
        : numbers.length === 2
          ? [number(0), ((number(0) ?? 0) + (number(1) ?? 0)) / 2, number(1)]
          : [number(0), number(1), number(2)];
    if (column.startsWith(MEASURED)) measured[column.slice(MEASURED.length)] = { low, typical, high };
    else sheet[column] = { low, typical, high };
  });
  const archived = get('archived').toLowerCase();
  if (!['', 'true', 'false', 'yes', 'no', '1', '0'].includes(archived))
    problems.push({ field: 'archived', value: archived, message: 'must be true or false' });
  const [name, maker] = [get('name'), get('maker')];
  const key = get('key') || gradeKey(maker, name);
  const row = readRow(line, key, name, {
    format: 'hornblende-grade',
    version: 1,
    key,
    name,
    maker,
    family: get('family'),
    note: get('note'),
    archived: ['true', 'yes', '1'].includes(archived),
    sheet,
    measured,
    windows,
  });
  return problems.length ? { ...row, grade: null, problems: [...problems, ...row.problems] } : row;
}

/** A number as people and spreadsheets write it: a decimal comma where commas do not separate fields, a real minus sign, spaces between thousands. */
function readNumber(text: string, decimalComma: boolean): number | null {
  let plain = text
    .trim()
    .replace('−', '-')
    .replace(/[\s\u00a0\u202f']/g, '');
  // Inside a quoted field of a comma-separated file too, "1,24" is a decimal comma; "1,240.5" has thousands.
  if (/^[+-]?\d+,\d+$/.test(plain) && (decimalComma || !/^[+-]?[1-9]\d{0,2},\d{3}$/.test(plain)))
    plain = plain.replace(',', '.');
  else if (/^[+-]?[1-9]\d{0,2}(,\d{3})+(\.\d+)?$/.test(plain)) plain = plain.replaceAll(',', '');
  else if (/^[+-]?[1-9]\d{0,2}(\.\d{3})+,\d+$/.test(plain))
    plain = plain.replaceAll('.', '').replace(',', '.');
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain) ? Number(plain) : null;
}

function readRow(line: number, key: string, name: string, plain: unknown): GradeRow {
  try {
    return { line, key, name, grade: parseGrade(plain), problems: [] };
  } catch (e) {
    if (!(e instanceof InputError)) throw e;
    return { line, key, name, grade: null, problems: e.problems };
  }
}

/** The first row with a key stands; later ones are refused, so that no row silently wins over another. */
function rejectDuplicates(rows: GradeRow[]): void {
  const first = new Map<string, number>();
  for (const row of rows) {
    if (!row.key) continue;
    const before = first.get(row.key);
    if (before === undefined) {
      first.set(row.key, row.line);
      continue;
    }
    row.grade = null;
    row.problems.push({ field: 'key', value: row.key, message: `stands on line ${before} already` });
  }
}

/** What importing a row would do. */
export type Verdict = 'add' | 'change' | 'same' | 'reject';
export interface PreviewRow extends GradeRow {
  verdict: Verdict;
  changes: { field: string; before: string; after: string }[];
}

/** Compares a table with the grades there are, row by row. */
export function previewGrades(rows: readonly GradeRow[], existing: ReadonlyMap<string, Grade>): PreviewRow[] {
  return rows.map(row => {
    if (!row.grade) return { ...row, verdict: 'reject', changes: [] };
    const before = existing.get(row.grade.key);
    if (!before) return { ...row, verdict: 'add', changes: [] };
    const changes = gradeChanges(before, row.grade);
    return { ...row, verdict: changes.length ? 'change' : 'same', changes };
  });
}

/** What differs between two states of a grade, field by field. */
export function gradeChanges(
  before: Grade,
  after: Grade,
): { field: string; before: string; after: string }[] {
  const [a, b] = [cellsOf(before), cellsOf(after)];
  return columnsOf([before, after]).flatMap(field =>
    a[field] === b[field] ? [] : [{ field, before: a[field] ?? '', after: b[field] ?? '' }],
  );
}

function columnsOf(grades: readonly Grade[]): string[] {
  const used = (part: (g: Grade) => object): Set<string> => {
    const names = new Set<string>();
    for (const g of grades) for (const n of Object.keys(part(g))) names.add(n);
    return names;
  };
  const [sheet, measured, windows] = [used(g => g.sheet), used(g => g.measured), used(g => g.windows)];
  return [
    ...identity,
    ...windowNames.filter(n => windows.has(n)),
    ...propertyNames.filter(n => sheet.has(n)),
    ...propertyNames.filter(n => measured.has(n)).map(n => MEASURED + n),
  ];
}

function valueCell(v: GradeValue): string {
  if (v.low === null && v.high === null) return String(v.typical);
  return `${v.low ?? v.typical}..${v.typical}..${v.high ?? v.typical}`;
}

function cellsOf(g: Grade): Record<string, string> {
  const cells: Record<string, string> = {
    key: g.key,
    name: g.name,
    maker: g.maker,
    family: g.family,
    note: g.note,
    archived: String(g.archived),
  };
  const put = (values: GradeValues, prefix: string): void => {
    for (const [n, v] of Object.entries(values) as [PropertyName, GradeValue][])
      cells[prefix + n] = valueCell(v);
  };
  for (const [n, w] of Object.entries(g.windows) as [WindowName, { low: number; high: number }][])
    cells[n] = `${w.low}..${w.high}`;
  put(g.sheet, '');
  put(g.measured, MEASURED);
  return cells;
}

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it; numbers are left alone.
 * @see {@link unguarded}, which takes it off again
 */
export function guarded(cell: string): string {
  return /^'*[=+\-@\t\r]/.test(cell) && !/^[+-]?[\d.]+(\.\.[+-]?[\d.]+)*(e[+-]?\d+)?$/i.test(cell)
    ? `'${cell}`
    : cell;
}

/** Undoes {@link guarded}. */
export function unguarded(cell: string): string {
  return /^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}

/** Grades as CSV: a heading, one row a grade, only the property columns that some grade uses; safe to open in a spreadsheet. */
export function writeGradesCsv(grades: readonly Grade[]): string {
  const columns = columnsOf(grades);
  return `\ufeff${Papa.unparse({
    fields: columns,
    data: grades.map(g => {
      const cells = cellsOf(g);
      return columns.map(c => guarded(cells[c] ?? ''));
    }),
  })}\r\n`;
}

/** Grades as `hornblende-grades/1`. */
export function writeGradesJson(grades: readonly Grade[]): string {
  return `${JSON.stringify({ format: 'hornblende-grades', version: 1, grades }, null, 1)}\n`;
}
