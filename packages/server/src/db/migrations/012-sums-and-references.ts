import type { Knex } from 'knex';
import { crc32 } from 'node:zlib';
import type { Migration } from './migration.js';

type Row = Record<string, unknown>;

/** Every table of records as it stands at this step: its key, and the columns that its checksum leaves out. */
const tables: readonly { table: string; key: string[]; apart: string[] }[] = [
  { table: 'marks', key: ['name'], apart: [] },
  { table: 'workshop', key: ['id'], apart: [] },
  { table: 'printers', key: ['id'], apart: ['is_default'] },
  { table: 'weathers', key: ['id'], apart: [] },
  { table: 'grades', key: ['key'], apart: [] },
  { table: 'spools', key: ['id'], apart: [] },
  { table: 'parts', key: ['id'], apart: ['printer_id', 'weather_id'] },
  { table: 'part_versions', key: ['part_id', 'revision'], apart: [] },
  { table: 'part_quotes', key: ['part_id'], apart: [] },
  { table: 'library_snapshots', key: ['hash'], apart: [] },
  { table: 'record_pieces', key: ['hash'], apart: [] },
  { table: 'decisions', key: ['id'], apart: [] },
  { table: 'prints', key: ['id'], apart: ['part_id', 'printer_id', 'spool_id'] },
  { table: 'trials', key: ['id'], apart: ['part_id'] },
  { table: 'faults', key: ['id'], apart: ['part_id', 'print_id', 'printer_id', 'spool_id'] },
  { table: 'drill_answers', key: ['id'], apart: [] },
  { table: 'photos', key: ['sha256'], apart: ['data'] },
  { table: 'placements', key: ['id'], apart: ['part_id', 'decision_id', 'print_id', 'spool_id'] },
  { table: 'inspections', key: ['id'], apart: [] },
  { table: 'shapes', key: ['part_id'], apart: ['data'] },
];

/** The checksum of a row, as it was defined when records got one; see `db/record-sum.ts` for today's words on it. */
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

/** Columns for what documents refer to, filled from what they say as far as it is there. */
const references: readonly { table: string; column: string; path: string; to: string }[] = [
  { table: 'faults', column: 'print_id', path: '$.of.printId', to: 'prints' },
  { table: 'faults', column: 'printer_id', path: '$.of.printerId', to: 'printers' },
  { table: 'faults', column: 'spool_id', path: '$.of.spoolId', to: 'spools' },
  { table: 'placements', column: 'decision_id', path: '$.decisionId', to: 'decisions' },
  { table: 'placements', column: 'print_id', path: '$.printId', to: 'prints' },
  { table: 'placements', column: 'spool_id', path: '$.spoolId', to: 'spools' },
];

/** Prints may outlive their printer and their spool. */
async function looseningPrints(db: Knex): Promise<void> {
  await db.schema.createTable('prints_anew', t => {
    t.text('id').primary();
    t.text('part_id').nullable().references('id').inTable('parts').onDelete('SET NULL');
    t.text('printer_id').nullable().references('id').inTable('printers').onDelete('SET NULL');
    t.text('spool_id').nullable().references('id').inTable('spools').onDelete('SET NULL');
    t.text('at').notNullable();
    t.text('data').notNullable();
    t.integer('revision').notNullable();
    t.text('created_at').notNullable();
    t.text('updated_at').notNullable();
  });
  await db.raw(
    `insert into prints_anew (id, part_id, printer_id, spool_id, at, data, revision, created_at, updated_at)
     select id, part_id,
       (select id from printers where id = printer_id),
       (select id from spools where id = spool_id),
       at, data, revision, created_at, updated_at
     from prints`,
  );
  await db.schema.dropTable('prints');
  await db.schema.renameTable('prints_anew', 'prints');
  await db.raw('create index prints_listed on prints (at desc, id desc)');
  await db.raw('create index prints_of_part on prints (part_id, at desc, id desc)');
  await db.raw('create index prints_of_printer on prints (printer_id)');
  await db.raw('create index prints_of_spool on prints (spool_id)');
}

/**
 * A checksum in every record; references that are held by the database wherever a document has one; when quotes and
 * settings were written; when a version of a brief began; what takes an import back in a file of its own.
 */
export const sumsAndReferences: Migration = {
  name: '012-sums-and-references',
  async up(db) {
    await looseningPrints(db);
    for (const { table, column, path, to } of references) {
      await db.raw(`alter table ${table} add column ${column} text references ${to}(id) on delete set null`);
      await db.raw(
        `update ${table} set ${column} = (select id from ${to} where id = json_extract(data, '${path}'))
         where json_valid(data)`,
      );
      await db.raw(`create index ${table}_${column} on ${table} (${column}) where ${column} is not null`);
    }
    await db.schema.alterTable('part_versions', t => {
      t.text('begun_at').nullable();
    });
    for (const table of ['workshop', 'part_quotes'])
      await db.schema.alterTable(table, t => {
        t.text('updated_at').nullable();
      });
    // What an import left and what stood there before is kept in a file from now on.
    await db.schema.dropTable('archive_imports');
    await db.schema.createTable('archive_imports', t => {
      t.text('id').primary();
      t.text('at').notNullable();
    });
    for (const { table, key, apart } of tables) {
      await db.schema.alterTable(table, t => {
        t.integer('sum').nullable();
      });
      const keys = (await db(table).select(...key)) as Row[];
      for (const k of keys) {
        const row = (await db(table).where(k).first()) as Row;
        await db(table)
          .where(k)
          .update({ sum: sumOf(row, apart) });
      }
    }
  },
  async down(db) {
    for (const { table } of tables)
      await db.schema.alterTable(table, t => {
        t.dropColumn('sum');
      });
    for (const { table, column } of references) {
      await db.raw(`drop index ${table}_${column}`);
      await db.schema.alterTable(table, t => {
        t.dropColumn(column);
      });
    }
    await db.schema.alterTable('part_versions', t => {
      t.dropColumn('begun_at');
    });
    for (const table of ['workshop', 'part_quotes'])
      await db.schema.alterTable(table, t => {
        t.dropColumn('updated_at');
      });
    await db.schema.dropTable('archive_imports');
    await db.schema.createTable('archive_imports', t => {
      t.text('id').primary();
      t.text('at').notNullable();
      t.text('before').notNullable();
    });
  },
};
