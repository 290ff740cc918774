import type { Migration } from './migration.js';

/** A phone's key is changed as it is used: since when it holds, and the next one until that is used. */
export const rotatedKeys: Migration = {
  name: '014-rotated-keys',
  async up(db) {
    await db.schema.alterTable('phones', t => {
      t.text('key_at');
      t.text('next_hash');
      t.text('next_at');
    });
  },
  async down(db) {
    await db.schema.alterTable('phones', t => {
      t.dropColumns('key_at', 'next_hash', 'next_at');
    });
  },
};
