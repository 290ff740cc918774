import type { Migration } from './migration.js';

/** Parts in service, looks at them, photographs, and phones that may look. */
export const service: Migration = {
  name: '009-service',
  async up(db) {
    await db.schema.createTable('placements', t => {
      t.text('id').primary();
      t.text('part_id').nullable().references('id').inTable('parts').onDelete('SET NULL');
      t.text('name').notNullable();
      t.text('place').notNullable();
      t.text('code').notNullable();
      t.text('data').notNullable();
      t.integer('revision').notNullable();
      t.text('created_at').notNullable();
      t.text('updated_at').notNullable();
    });
    await db.raw('create index placements_listed on placements (place, name, id)');
    await db.raw("create unique index placements_codes on placements (code) where code <> ''");
    await db.schema.createTable('inspections', t => {
      t.text('id').primary();
      t.text('placement_id').notNullable().references('id').inTable('placements').onDelete('CASCADE');
      t.text('at').notNullable();
      t.text('verdict').notNullable();
      t.text('mode').nullable();
      t.boolean('struck').notNullable();
      t.text('data').notNullable();
      t.text('saved_at').notNullable();
    });
    await db.raw('create index inspections_listed on inspections (placement_id, at desc, id desc)');
    await db.schema.createTable('photos', t => {
      t.text('sha256').primary();
      t.text('type').notNullable();
      t.integer('width').notNullable();
      t.integer('height').notNullable();
      t.integer('bytes').notNullable();
      t.text('at').notNullable();
      // The file stands in a folder; this is filled only where an archive is laid out.
      t.binary('data').nullable();
    });
    await db.schema.createTable('phones', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('key_hash').notNullable();
      t.text('paired_at').notNullable();
      t.text('seen_at').nullable();
      t.text('withdrawn_at').nullable();
    });
  },
  async down(db) {
    for (const table of ['phones', 'photos', 'inspections', 'placements']) await db.schema.dropTable(table);
  },
};
