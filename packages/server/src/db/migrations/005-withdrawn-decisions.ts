import type { Migration } from './migration.js';

/** Decisions that no longer stand: when, who says so and why. The record itself stays as it was taken. */
export const withdrawnDecisions: Migration = {
  name: '005-withdrawn-decisions',
  async up(db) {
    await db.schema.alterTable('decisions', t => {
      t.text('withdrawn_at').nullable();
      t.text('withdrawn_by').nullable();
      t.text('withdrawn_reason').nullable();
    });
  },
  async down(db) {
    await db.schema.alterTable('decisions', t => {
      t.dropColumn('withdrawn_reason');
      t.dropColumn('withdrawn_by');
      t.dropColumn('withdrawn_at');
    });
  },
};
