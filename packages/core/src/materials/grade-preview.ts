import { Grade } from './grade.js';
import type { GradeRow } from './grade-rows.js';
import { cellsOf, columnsOf } from './grade-cells.js';

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
    const changes = gradeChanges(before, row.grade);
    return { ...row, verdict: changes.length ? 'change' : 'same', changes };
  });
}

/** What differs between two states of a grade, field by field. */
export function gradeChanges(
  before: Grade,
  after: Grade,
): { field: string; before: string; after: string }[] {
  const a = cellsOf(before);
  const b = cellsOf(after);
  return columnsOf([before, after]).flatMap(field =>
    a[field] === b[field] ? [] : [{ field, before: a[field] ?? '', after: b[field] ?? '' }],
  );
}
