import type { Migration } from './migration.js';

/** Trials: one thing printed in several filaments. */
export const trials: Migration = {
  name: '008-trials',
  async up(db) {
    await db.schema.createTable('trials', t => {
      t.text('id').primary();
      t.text('part_id').nullable().references('id').inTable('parts').onDelete('SET NULL');
      t.text('name').notNullable();
      t.text('data').notNullable();
      t.integer('revision').notNullable();
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.raw('create index trials_listed on trials (created_at desc, id desc)');
  },
  async down(db) {
    await db.schema.dropTable('trials');
  },
};
