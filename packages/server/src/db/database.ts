import knex, { type Knex } from 'knex';
import { migrationSource } from './migrations/index.js';

/**
 * Opens (and creates, and migrates) the SQLite file: write-ahead log, foreign keys on, every commit on disk
 * before it is acknowledged.
 */
export async function openDatabase(file: string): Promise<Knex> {
  const db = knex({
    client: 'better-sqlite3',
    connection: { filename: file },
    useNullAsDefault: true,
    // One connection: SQLite has one writer, and pragmas are per connection.
    pool: {
      min: 1,
      max: 1,
      afterCreate: (
        connection: { pragma: (sql: string) => unknown },
        done: (error: Error | null, connection: unknown) => void,
      ) => {
        connection.pragma('journal_mode = WAL');
        connection.pragma('synchronous = FULL');
        connection.pragma('foreign_keys = ON');
        connection.pragma('busy_timeout = 5000');
        done(null, connection);
      },
    },
    migrations: { migrationSource: migrationSource() },
  });
  await db.migrate.latest();
  return db;
}
