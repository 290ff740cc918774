import type { Grade } from '@hornblende/core/formats';
import type { Problem } from '@hornblende/core/input';
import { previewGrades, readGrades, type PreviewRow } from '@hornblende/core/tables';
import type { Progress } from '../job';

/** A table as a file has it, and the grades there are. */
export interface GradesQuestion {
  bytes: Uint8Array;
  existing: Grade[];
}

/** The table row by row, with what importing it would do. */
export interface GradesAnswer {
  rows: PreviewRow[];
  problems: Problem[];
  notes: string[];
}

/** Reads a table of grades and says, row by row, what importing it would do. */
export function run({ bytes, existing }: GradesQuestion, progress: Progress): GradesAnswer {
  const table = readGrades(bytes, progress);
  const rows = previewGrades(table.rows, new Map(existing.map(g => [g.key, g])));
  return { rows, problems: table.problems, notes: table.notes };
}
