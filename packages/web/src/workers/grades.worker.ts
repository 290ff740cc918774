import type { Grade } from '@hornblende/core';
import { previewGrades, readGrades, type PreviewRow } from '@hornblende/core/tables';

export interface GradesQuestion {
  bytes: Uint8Array;
  existing: Grade[];
}
export type GradesAnswer =
  | { done: number; total: number }
  | { rows: PreviewRow[]; problems: { field: string; value: unknown; message: string }[]; notes: string[] };

/** Reads a table of grades and says, row by row, what importing it would do. */
self.onmessage = (e: MessageEvent<GradesQuestion>) => {
  const table = readGrades(e.data.bytes, (done, total) =>
    self.postMessage({ done, total } satisfies GradesAnswer),
  );
  const rows = previewGrades(table.rows, new Map(e.data.existing.map(g => [g.key, g])));
  self.postMessage({ rows, problems: table.problems, notes: table.notes } satisfies GradesAnswer);
};
