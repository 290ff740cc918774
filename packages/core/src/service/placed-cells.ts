import Papa from 'papaparse';
import type { Problem } from '../input/parse.js';
import { MOST_PLACED_AT_ONCE } from './placement.js';

/** A table as text: its headings, and its rows with their lines in the file. */
export interface Cells {
  headings: string[];
  lines: { line: number; values: string[] }[];
}

/** What is wrong with a file as a whole. */
export const whole = (message: string): Problem => ({ field: '(file)', value: null, message });

/** Cells of CSV, or of a paste out of a sheet, whatever separates them. */
function fromCsv(text: string): Cells | { problem: Problem } {
  if (!text.trim()) return { problem: whole('is empty') };
  const { data, errors } = Papa.parse<string[]>(text, {
    preview: MOST_PLACED_AT_ONCE + 2,
    delimitersToGuess: ['\t', ';', ',', '|'],
  });
  const broken = errors.find(e => e.type === 'Quotes');
  if (broken)
    return {
      problem: whole(`has a quotation mark that is never closed, near line ${(broken.row ?? 0) + 1}`),
    };
  if (data.length > MOST_PLACED_AT_ONCE + 1)
    return { problem: whole(`holds more than ${MOST_PLACED_AT_ONCE} rows`) };
  const [headings = [], ...lines] = data;
  return { headings, lines: lines.map((values, i) => ({ line: i + 2, values })) };
}

/** Cells of a list of objects. */
function fromJson(text: string): Cells | { problem: Problem } {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (e) {
    return { problem: whole(`looks like JSON but cannot be read: ${(e as Error).message}`) };
  }
  const list = Array.isArray(data) ? (data as unknown[]) : (data as { parts?: unknown }).parts;
  if (!Array.isArray(list) || list.some(x => typeof x !== 'object' || x === null))
    return { problem: whole('must be a list of parts, or an object with a list "parts"') };
  if (list.length > MOST_PLACED_AT_ONCE)
    return { problem: whole(`holds more than ${MOST_PLACED_AT_ONCE} rows`) };
  const objects = list as Record<string, unknown>[];
  const headings = [...new Set(objects.flatMap(o => Object.keys(o)))];
  const cell = (v: unknown): string =>
    typeof v === 'string' || typeof v === 'number' || typeof v === 'boolean' ? String(v) : '';
  return { headings, lines: objects.map((o, i) => ({ line: i + 1, values: headings.map(h => cell(o[h])) })) };
}

/** Reads a table as text, from CSV, a paste or JSON. */
export function tableCells(text: string): Cells | { problem: Problem } {
  return /^\s*[[{]/.test(text) ? fromJson(text) : fromCsv(text);
}
