import { InputError, type Problem } from '../input/parse.js';
import { Grade } from './grade.js';
import { parseGrade } from './grade-parse.js';

/**
 * One row of a table of grades: the grade, or what is wrong with it. `line` counts from 1 as a text editor
 * does; entries of a JSON list count from 1 too.
 */
export interface GradeRow {
  line: number;
  key: string;
  name: string;
  grade: Grade | null;
  problems: Problem[];
  /** The columns that the table has; null where a row says everything. What has no column is left as it is. */
  columns: readonly string[] | null;
}

/** A table of grades as read. With `problems`, the file as a whole cannot be used; else each row stands for itself. */
export interface GradeTable {
  rows: GradeRow[];
  problems: Problem[];
  notes: string[];
}

/** The largest table that is read at once. */
export const MAX_GRADES = 20_000;

/** Called now and then with how many of how many rows are read. */
export type Progress = (done: number, total: number) => void;

/** A table that cannot be used as a whole, and why. */
export function failed(message: string, value: unknown = null): GradeTable {
  return { rows: [], notes: [], problems: [{ field: '(file)', value, message }] };
}

/** One row of a table as a grade, or with what is wrong with it. */
export function readRow(line: number, key: string, name: string, plain: unknown): GradeRow {
  try {
    return { line, key, name, grade: parseGrade(plain), problems: [], columns: null };
  } catch (e) {
    if (!(e instanceof InputError)) throw e;
    return { line, key, name, grade: null, problems: e.problems, columns: null };
  }
}

/**
 * The first usable row with a key stands; later ones are refused, so that no row silently wins over another. A row that
 * is refused for what is in it stands in nobody's way.
 */
export function rejectDuplicates(rows: GradeRow[]): void {
  const first = new Map<string, number>();
  for (const row of rows) {
    if (!row.key || !row.grade) continue;
    const before = first.get(row.key);
    if (before === undefined) {
      first.set(row.key, row.line);
      continue;
    }
    row.grade = null;
    row.problems.push({ field: 'key', value: row.key, message: `stands on line ${before} already` });
  }
}
