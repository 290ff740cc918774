import { crc32 } from 'node:zlib';

/** A row as the database has it. */
export type Row = Record<string, unknown>;

/** The column that holds a record's checksum. */
export const SUM = 'sum';

/**
 * The checksum of a row: CRC-32 over every column that holds something, by name, so that one flipped bit is found.
 * A column that a later schema adds changes nothing as long as it is empty.
 * @param apart columns that change without the record being written, and those with a hash of their own
 */
export function recordSum(row: Row, apart: ReadonlySet<string>): number {
  let sum = 0;
  for (const column of Object.keys(row).sort()) {
    const value = row[column];
    if (value === null || value === undefined || column === SUM || apart.has(column)) continue;
    sum = crc32(column, sum);
    sum = crc32(Buffer.isBuffer(value) ? value : textOf(value), sum);
  }
  return sum;
}

/** A value as the database gives it back. */
function textOf(value: unknown): string {
  return typeof value === 'boolean' ? String(Number(value)) : String(value);
}
