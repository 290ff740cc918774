import { instanceOf, type InputClass } from '@hornblende/core/input';
import type { Row } from '../kind.js';

/** A column of a row as text. */
export const text = (row: Row, column: string): string => String(row[column] ?? '');

/** A column of a row that holds JSON, read. @throws SyntaxError */
export const parsed = (row: Row, column: string): unknown => JSON.parse(text(row, column));

/**
 * A document as it was kept. What it says was checked before it was written, and its checksum says that it is that
 * still: it is not checked again for every list. Fields that a later format has hold their defaults.
 * @throws SyntaxError
 */
export function kept<T extends object>(type: InputClass<T>, json: string): T {
  return instanceOf(type, JSON.parse(json) as object);
}

/** A title that stands in a column. */
export const titled =
  (column: string) =>
  (row: Row): string =>
    text(row, column);

/** A title by the day that stands in a column: "a print of 2026-03-14". */
export const dated =
  (words: string, column: string) =>
  (row: Row): string =>
    `${words} ${text(row, column).slice(0, 10)}`;
