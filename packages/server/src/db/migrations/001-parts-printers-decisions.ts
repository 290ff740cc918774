import type { Migration } from './migration.js';

/** Parts, the printers they are meant for, and the decisions taken. */
export const partsPrintersDecisions: Migration = {
  name: '001-parts-printers-decisions',
  async up(db) {
    await db.schema.createTable('printers', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('profile').notNullable();
      t.boolean('is_default').notNullable().defaultTo(false);
      t.integer('revision').notNullable().defaultTo(1);
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.schema.createTable('parts', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('brief').notNullable();
      t.text('printer_id').nullable().references('id').inTable('printers').onDelete('SET NULL');
      t.integer('revision').notNullable().defaultTo(1);
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
      t.text('archived_at').nullable();
    });
    await db.schema.createTable('decisions', t => {
      t.text('id').primary();
      t.text('part_id').notNullable().references('id').inTable('parts').onDelete('CASCADE').index();
      t.text('first_choice').notNullable();
      t.text('second_choice').nullable();
      t.text('reason').notNullable();
      t.text('decided_by').notNullable();
      t.text('decided_at').notNullable();
      t.boolean('hazard_acknowledged').notNullable().defaultTo(false);
      t.text('library_version').notNullable();
      t.text('brief').notNullable();
      t.text('printer').nullable();
      t.text('ranking').notNullable();
    });
  },
  async down(db) {
    for (const table of ['decisions', 'parts', 'printers']) await db.schema.dropTable(table);
  },
};
