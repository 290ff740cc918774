import type { Migration } from './migration.js';

/** Decisions as whole records, with the families behind them kept once for each state of the library. */
export const wholeRecords: Migration = {
  name: '004-whole-records',
  async up(db) {
    await db.schema.createTable('library_snapshots', t => {
      t.text('hash').primary();
      t.text('families').notNullable();
    });
    await db.schema.alterTable('decisions', t => {
      t.text('record').nullable();
      t.text('snapshot').nullable().references('hash').inTable('library_snapshots');
    });
  },
  async down(db) {
    await db.schema.alterTable('decisions', t => {
      t.dropColumn('snapshot');
      t.dropColumn('record');
    });
    await db.schema.dropTable('library_snapshots');
  },
};
