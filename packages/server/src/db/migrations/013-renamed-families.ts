import type { Knex } from 'knex';
import { crc32 } from 'node:zlib';
import type { Migration } from './migration.js';

type Row = Record<string, unknown>;

/** Tables of records that name a family, as they stand at this step: key, and columns that the checksum leaves out. */
const tables: readonly { table: string; key: string; apart: string[] }[] = [
  { table: 'printers', key: 'id', apart: ['is_default'] },
  { table: 'grades', key: 'key', apart: [] },
  { table: 'spools', key: 'id', apart: [] },
  { table: 'prints', key: 'id', apart: ['part_id', 'printer_id', 'spool_id'] },
  { table: 'trials', key: 'id', apart: ['part_id'] },
  { table: 'faults', key: 'id', apart: ['part_id', 'print_id', 'printer_id', 'spool_id'] },
  { table: 'placements', key: 'id', apart: ['part_id', 'decision_id', 'print_id', 'spool_id'] },
];

const BEFORE = 'pa-easy';
const NOW = 'pa-copolymer';

/** The checksum of a row, as it is defined at this step. */
function sumOf(row: Row, apart: readonly string[]): number {
  let sum = 0;
  for (const column of Object.keys(row).sort()) {
    const value = row[column];
    if (value === null || value === undefined || column === 'sum' || apart.includes(column)) continue;
    sum = crc32(column, sum);
    sum = crc32(Buffer.isBuffer(value) ? value : String(value), sum);
  }
  return sum;
}

/** One key for another wherever a row has it: as a column, or as a word of its JSON. */
async function rename(db: Knex, before: string, now: string): Promise<void> {
  for (const { table, key, apart } of tables) {
    const columns = Object.keys(await db(table).columnInfo());
    const named = columns.map(c => `"${c}" = ? or instr("${c}", ?) > 0`).join(' or ');
    const rows = (await db(table).whereRaw(
      named,
      columns.flatMap(() => [before, `"${before}"`]),
    )) as Row[];
    for (const row of rows) {
      const renamed: Row = {};
      for (const [column, value] of Object.entries(row))
        if (typeof value === 'string' && (value === before || value.includes(`"${before}"`)))
          renamed[column] = value === before ? now : value.replaceAll(`"${before}"`, `"${now}"`);
      await db(table)
        .where({ [key]: row[key] })
        .update({ ...renamed, sum: sumOf({ ...row, ...renamed }, apart) });
    }
  }
}

/** Easy nylon is called copolymer nylon. Decisions keep what they said. */
export const renamedFamilies: Migration = {
  name: '013-renamed-families',
  up: db => rename(db, BEFORE, NOW),
  down: db => rename(db, NOW, BEFORE),
};
