import Papa from 'papaparse';
import type { Problem } from '../input/parse.js';
import { gradeKey } from './grade-parse.js';
import { windowLimits } from './grade.js';
import { type Progress, type GradeTable, failed, MAX_GRADES, type GradeRow, readRow } from './grade-rows.js';
import { columnNamed, isColumn, identity, MEASURED } from './grade-cells.js';
import { familyNamed } from './family-named.js';
import { columnUnit, gradeNumber, unitAfter } from './grade-number.js';
import { unguarded } from '../lib/formula-guard.js';

/** Columns that a problem names. */
const MOST_COLUMNS_NAMED = 12;

const delimiters = [',', ';', '\t', '|'];

/** Reads grades from CSV text. Never throws for what is in the file. */
export function fromCsv(text: string, progress: Progress): GradeTable {
  if (!text.trim()) return failed('is empty');
  const head = text.slice(0, text.search(/\r|\n|$/));
  const { data, errors, meta } = Papa.parse<string[]>(text, {
    skipEmptyLines: false,
    // The heading, and one row more than is taken: what lies beyond is not even read.
    preview: MAX_GRADES + 2,
    delimitersToGuess: delimiters,
    ...(delimiterOf(head) ? { delimiter: delimiterOf(head) } : {}),
  });
  const broken = errors.find(e => e.type === 'Quotes');
  if (broken) return failed(`has a quotation mark that is never closed, near line ${(broken.row ?? 0) + 1}`);
  const columns = (data[0] ?? []).map(columnNamed);
  const missing = ['name', 'family'].filter(c => !columns.includes(c));
  if (missing.length) {
    return failed(
      columns.length < 2
        ? `has one column only ("${head.slice(0, 60)}"): the fields must be separated by a comma, a ` +
            'semicolon, a tab or a bar'
        : `lacks the column${missing.length > 1 ? 's' : ''} ${missing.join(' and ')}; it has ` +
            `${columns.slice(0, MOST_COLUMNS_NAMED).join(', ')}`,
    );
  }
  const twice = columns.find((c, i) => c && columns.indexOf(c) !== i);
  if (twice) return failed(`has the column ${twice} twice`);
  const unknown = columns.filter(c => c && !isColumn(c));
  const telling = columns.filter(c => isColumn(c) && !(identity as readonly string[]).includes(c));
  if (unknown.length && !telling.length)
    return failed(
      `has no column of values that is known here, only ${columns.filter(isColumn).join(', ')}; not known: ` +
        `${unknown.slice(0, MOST_COLUMNS_NAMED).join(', ')}`,
    );
  const notes = unknown.length
    ? [`Columns that are not known here are left out: ${unknown.join(', ')}.`]
    : [];
  const count = data.length - 1;
  if (count > MAX_GRADES) return failed(`holds more rows than can be read at once: at most ${MAX_GRADES}`);
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
    const names = head.split(d).map(c => columnNamed(c.trim().replace(/^"|"$/g, '')));
    return names.includes('name') && names.includes('family');
  });
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
    const ends = cell.split('..');
    const unit = unitAfter(ends.at(-1)!);
    const numbers = ends.map(t => gradeNumber(t, column, decimalComma, unit));
    const number = (k: number): number | null => numbers[k] ?? null;
    if (numbers.some(n => n === null) || numbers.length > 3) {
      problems.push({
        field: column,
        value: cell,
        message: `must be a number${inUnit(column)}, or low..high, or low..typical..high`,
      });
      return;
    }
    if (Object.hasOwn(windowLimits, column)) {
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
    if (low !== null && high !== null && !(low <= (typical ?? low) && (typical ?? high) <= high)) {
      problems.push({ field: column, value: cell, message: 'must rise from low to high, as in 80..90..100' });
      return;
    }
    if (column.startsWith(MEASURED)) measured[column.slice(MEASURED.length)] = { low, typical, high };
    else sheet[column] = { low, typical, high };
  });
  const archived = get('archived').toLowerCase();
  if (!['', 'true', 'false', 'yes', 'no', '1', '0'].includes(archived))
    problems.push({ field: 'archived', value: archived, message: 'must be true or false' });
  const name = get('name');
  const maker = get('maker');
  const key = get('key') || gradeKey(maker, name);
  const row = readRow(line, key, name, {
    format: 'hornblende-grade',
    version: 1,
    key,
    name,
    maker,
    family: familyNamed(get('family')),
    note: get('note'),
    archived: ['true', 'yes', '1'].includes(archived),
    sheet,
    measured,
    windows,
  });
  // A range that is refused is shown as it stands in its cell.
  const told = row.problems.map(p =>
    typeof p.value === 'object' && p.value !== null ? { ...p, value: cellOf(p.field) } : p,
  );
  function cellOf(field: string): string {
    const name = field.replace(/^sheet\./, '').replace(/^windows\./, '');
    return (cells[columns.findIndex(c => c === name || c === field)] ?? '').trim();
  }
  return {
    ...row,
    grade: problems.length ? null : row.grade,
    problems: [...problems, ...told],
    columns,
  };
}

/** The unit of a column, for a problem: " in MPa"; empty where it has none. */
function inUnit(column: string): string {
  const { unit } = columnUnit(column);
  return unit ? ` in ${unit}` : '';
}
