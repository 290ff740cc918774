import type { Migration } from './migration.js';

/** Maps of the places where parts are in service. */
export const maps: Migration = {
  name: '015-maps',
  async up(db) {
    await db.schema.createTable('maps', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('data').notNullable();
      t.integer('sum').nullable();
      t.integer('revision').notNullable();
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.raw('create index maps_listed on maps (name, id)');
  },
  async down(db) {
    await db.schema.dropTable('maps');
  },
};
