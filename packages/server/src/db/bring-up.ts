import type { Knex } from 'knex';
import { migrate } from './database.js';
import { mendSearch } from './search.js';

/**
 * Brings a database to this version: its schema, and the words of the search where they are not as the records are.
 * Whoever calls has the file alone.
 * @throws Error where it cannot be written to
 */
export async function bringUp(db: Knex): Promise<void> {
  await migrate(db);
  await db.transaction(() => Promise.resolve());
  await mendSearch(db);
}
