import type { Migration } from './migration.js';

/** The log of prints, and the files that parts were taken from. */
export const printsAndShapes: Migration = {
  name: '007-prints-and-shapes',
  async up(db) {
    await db.schema.createTable('prints', t => {
      t.text('id').primary();
      t.text('part_id').nullable().references('id').inTable('parts').onDelete('SET NULL');
      t.text('printer_id').notNullable();
      t.text('spool_id').nullable();
      t.text('at').notNullable();
      t.text('data').notNullable();
      t.integer('revision').notNullable();
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.raw('create index prints_listed on prints (at desc, id desc)');
    await db.raw('create index prints_of_part on prints (part_id, at desc, id desc)');
    await db.schema.createTable('shapes', t => {
      t.text('part_id').primary().references('id').inTable('parts').onDelete('CASCADE');
      t.text('name').notNullable();
      t.text('unit').nullable();
      t.text('sha256').notNullable();
      t.integer('bytes').notNullable();
      t.text('updated_at').notNullable();
      t.binary('data').notNullable();
    });
  },
  async down(db) {
    await db.schema.dropTable('shapes');
    await db.schema.dropTable('prints');
  },
};
