/** What a spreadsheet takes for the beginning of a formula, also in its full-width shape, or skips before one. */
const BEGINS = '[=+\\-@＝＋－＠\\t\\r\\n]';
const dangerous = new RegExp(`^'*${BEGINS}`);
const guardedOnce = new RegExp(`^'+${BEGINS}`);

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it; numbers are left alone.
 * @see {@link unguarded}, which takes it off again
 */
export function guarded(cell: string): string {
  return dangerous.test(cell) && !/^[+-]?[\d.]+(\.\.[+-]?[\d.]+)*(e[+-]?\d+)?$/i.test(cell)
    ? `'${cell}`
    : cell;
}

/** Undoes {@link guarded}. */
export function unguarded(cell: string): string {
  return guardedOnce.test(cell) ? cell.slice(1) : cell;
}
