import type { Migration } from './migration.js';

/** What was said of a brief before defaults, weather of one’s own, and how briefs have stood. */
export const givenWeatherVersions: Migration = {
  name: '002-given-weather-versions',
  async up(db) {
    await db.schema.createTable('weathers', t => {
      t.text('id').primary();
      t.text('name').notNullable();
      t.text('data').notNullable();
      t.text('created_at').notNullable();
    });
    await db.schema.alterTable('parts', t => {
      // The brief as it was given, before defaults: what was said and what was assumed.
      t.text('given').nullable();
      t.text('weather_id').nullable().references('id').inTable('weathers').onDelete('SET NULL');
    });
    await db.schema.createTable('part_versions', t => {
      t.text('part_id').notNullable().references('id').inTable('parts').onDelete('CASCADE');
      t.integer('revision').notNullable();
      t.text('brief').notNullable();
      t.text('printer_id').nullable();
      t.text('saved_at').notNullable();
      t.primary(['part_id', 'revision']);
    });
  },
  async down(db) {
    await db.schema.dropTable('part_versions');
    await db.schema.alterTable('parts', t => {
      t.dropColumn('weather_id');
      t.dropColumn('given');
    });
    await db.schema.dropTable('weathers');
  },
};
