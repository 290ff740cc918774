/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it; numbers are left alone.
 * @see {@link unguarded}, which takes it off again
 */
export function guarded(cell: string): string {
  return /^'*[=+\-@\t\r]/.test(cell) && !/^[+-]?[\d.]+(\.\.[+-]?[\d.]+)*(e[+-]?\d+)?$/i.test(cell)
    ? `'${cell}`
    : cell;
}

/** Undoes {@link guarded}. */
export function unguarded(cell: string): string {
  return /^'+[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell;
}
