import type { Migration } from './migration.js';

/** Drills that were answered, each once. */
export const drillAnswers: Migration = {
  name: '011-drill-answers',
  async up(db) {
    await db.schema.createTable('drill_answers', t => {
      t.text('id').primary();
      t.text('who').notNullable();
      t.text('kind').notNullable();
      t.text('at').notNullable();
      t.text('data').notNullable();
    });
    await db.raw('create index drill_answers_listed on drill_answers (at desc, id desc)');
  },
  async down(db) {
    await db.schema.dropTable('drill_answers');
  },
};
