import type { Row } from '../kind.js';

/** A column of a row as text. */
export const text = (row: Row, column: string): string => String(row[column] ?? '');

/** A column of a row that holds JSON, read. @throws SyntaxError */
export const parsed = (row: Row, column: string): unknown => JSON.parse(text(row, column));

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
