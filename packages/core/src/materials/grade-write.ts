import Papa from 'papaparse';
import { Grade } from './grade.js';
import { columnsOf, cellsOf } from './grade-cells.js';
import { knownColumns } from './known-columns.js';
import { guarded } from '../lib/formula-guard.js';

/**
 * Grades as CSV: a heading, one row a grade, only the property columns that some grade uses; safe to open
 * in a spreadsheet.
 */
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

/** A table without rows that has every column that is known, to be filled in. */
export function emptyGradesCsv(): string {
  return `\ufeff${Papa.unparse([knownColumns().map(c => c.name)])}\r\n`;
}

/** Grades as `hornblende-grades/1`. */
export function writeGradesJson(grades: readonly Grade[]): string {
  return `${JSON.stringify({ format: 'hornblende-grades', version: 1, grades }, null, 1)}\n`;
}
