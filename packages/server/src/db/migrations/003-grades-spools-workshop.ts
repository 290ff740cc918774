import type { Migration } from './migration.js';

/** Grades and their imports, the shelf, the workshop’s settings, quotes of print services. */
export const gradesSpoolsWorkshop: Migration = {
  name: '003-grades-spools-workshop',
  async up(db) {
    await db.schema.createTable('grades', t => {
      t.text('key').primary();
      t.text('family').notNullable().index();
      t.text('name').notNullable();
      t.text('data').notNullable();
      t.boolean('archived').notNullable().defaultTo(false);
      t.integer('revision').notNullable().defaultTo(1);
      t.text('updated_at').notNullable();
    });
    // What an import changed, so that it can be taken back whole.
    await db.schema.createTable('grade_imports', t => {
      t.text('id').primary();
      t.text('at').notNullable();
      t.text('before').notNullable();
    });
    await db.schema.createTable('spools', t => {
      t.text('id').primary();
      t.text('material').notNullable().index();
      t.text('data').notNullable();
      t.integer('revision').notNullable().defaultTo(1);
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.schema.createTable('workshop', t => {
      t.integer('id').primary();
      t.text('settings').notNullable();
    });
    await db.schema.createTable('part_quotes', t => {
      t.text('part_id').primary().references('id').inTable('parts').onDelete('CASCADE');
      t.float('each').notNullable();
    });
  },
  async down(db) {
    for (const table of ['part_quotes', 'workshop', 'spools', 'grade_imports', 'grades'])
      await db.schema.dropTable(table);
  },
};
