import {
  type Progress,
  type GradeTable,
  rejectDuplicates,
  failed,
  MAX_GRADES,
  type GradeRow,
  readRow,
} from './grade-rows.js';
import { decodeText } from '../lib/decode-text.js';
import { fromCsv } from './grade-csv-read.js';

/** Reads grades from CSV or JSON, whichever it is. Never throws for what is in the file: problems are in the answer. */
export function readGrades(bytes: Uint8Array, progress: Progress = () => undefined): GradeTable {
  const { text, note } = decodeText(bytes);
  const plain = text.replace(/^\ufeff/, '');
  const table = /^\s*[[{]/.test(plain) ? fromJson(plain, progress) : fromCsv(plain, progress);
  if (note) table.notes.unshift(note);
  rejectDuplicates(table.rows);
  return table;
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
