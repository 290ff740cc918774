import type { Knex } from 'knex';

interface Migration {
  name: string;
  up: (db: Knex) => Promise<void>;
  down: (db: Knex) => Promise<void>;
}

const list: Migration[] = [
  {
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
  },
  {
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
  },
  {
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
  },
  {
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
  },
];

/** The schema's history, compiled in so that a build needs no loose files. Only ever add to the end. */
export const migrations: Knex.MigrationSource<Migration> = {
  getMigrations: () => Promise.resolve(list),
  getMigrationName: m => m.name,
  getMigration: m => Promise.resolve({ up: m.up, down: m.down }),
};
