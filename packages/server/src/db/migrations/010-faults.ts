import type { Migration } from './migration.js';

/** Faults: what was seen, what was tried, what it turned out to be. */
export const faults: Migration = {
  name: '010-faults',
  async up(db) {
    await db.schema.createTable('faults', t => {
      t.text('id').primary();
      t.text('part_id').nullable().references('id').inTable('parts').onDelete('SET NULL');
      t.text('cause').nullable();
      t.text('at').notNullable();
      t.text('data').notNullable();
      t.integer('revision').notNullable();
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.raw('create index faults_listed on faults (at desc, id desc)');
    await db.raw('create index faults_of_part on faults (part_id)');
  },
  async down(db) {
    await db.schema.dropTable('faults');
  },
};
