import type { Migration } from './migration.js';

/** Indexes that tell of a hundred thousand looks which parts failed, and whether anything was written, unread. */
export const looksIndexed: Migration = {
  name: '016-looks-indexed',
  async up(db) {
    await db.raw('create index inspections_summed on inspections (placement_id, sum)');
    await db.raw(
      `create index inspections_failed on inspections (placement_id) where verdict = 'failed' and not struck`,
    );
  },
  async down(db) {
    await db.raw('drop index inspections_failed');
    await db.raw('drop index inspections_summed');
  },
};
