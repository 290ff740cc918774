import { Grade } from './grade.js';
import type { GradeRow } from './grade-rows.js';
import { ownFactsWords } from './own-facts.js';
import { cellsOf, columnsOf, MEASURED } from './grade-cells.js';

/** What importing a row would do. */
export type ImportVerdict = 'add' | 'change' | 'same' | 'reject';

/** A row of a table with what importing it would do. */
export interface PreviewRow extends GradeRow {
  verdict: ImportVerdict;
  changes: { field: string; before: string; after: string }[];
}

/** Compares a table with the grades there are, row by row. */
export function previewGrades(rows: readonly GradeRow[], existing: ReadonlyMap<string, Grade>): PreviewRow[] {
  return rows.map(row => {
    if (!row.grade) return { ...row, verdict: 'reject', changes: [] };
    const before = existing.get(row.grade.key);
    if (!before) return { ...row, verdict: 'add', changes: [] };
    const grade = row.columns ? withColumns(before, row.grade, row.columns) : row.grade;
    const changes = gradeChanges(before, grade);
    return { ...row, grade, verdict: changes.length ? 'change' : 'same', changes };
  });
}

/** A grade as a table changes it: what the table has no column for stays as it was. */
function withColumns(before: Grade, read: Grade, columns: readonly string[]): Grade {
  const has = (column: string): boolean => columns.includes(column);
  const kept = <T extends object>(was: T, prefix = ''): Partial<T> =>
    Object.fromEntries(Object.entries(was).filter(([name]) => !has(prefix + name))) as Partial<T>;
  return {
    ...read,
    maker: has('maker') ? read.maker : before.maker,
    note: has('note') ? read.note : before.note,
    archived: has('archived') ? read.archived : before.archived,
    // No table has these.
    soakedGcm3: before.soakedGcm3,
    facts: before.facts,
    sheet: { ...kept(before.sheet), ...read.sheet },
    measured: { ...kept(before.measured, MEASURED), ...read.measured },
    windows: { ...kept(before.windows), ...read.windows },
  };
}

/** What differs between two states of a grade, field by field. */
export function gradeChanges(
  before: Grade,
  after: Grade,
): { field: string; before: string; after: string }[] {
  const a = cellsOf(before);
  const b = cellsOf(after);
  const told = [
    ...columnsOf([before, after]).map(field => ({ field, before: a[field] ?? '', after: b[field] ?? '' })),
    { field: 'soaked density', before: soakedWords(before), after: soakedWords(after) },
    { field: 'own facts', before: ownFactsWords(before.facts), after: ownFactsWords(after.facts) },
  ];
  return told.filter(change => change.before !== change.after);
}

function soakedWords({ soakedGcm3 }: Grade): string {
  return soakedGcm3 ? `${soakedGcm3} g/cm³` : '';
}
