import knex, { type Knex } from 'knex';
import { migrationSource } from './migrations/index.js';

/** What Knex hands its driver. */
interface Query {
  sql: string;
}
interface SqliteClient {
  _query(connection: { inTransaction: boolean }, query: Query): Promise<unknown>;
}
/** The dialect that Knex itself uses for the driver. */
const SqliteDialect = knex({ client: 'better-sqlite3', useNullAsDefault: true }).client
  .constructor as new () => SqliteClient;

/**
 * Transactions as SQLite has them. They take the lock when they begin: one that reads first and writes later would
 * otherwise find the database changed under it. And a full disk has taken one back already when Knex is about to.
 */
class ImmediateClient extends SqliteDialect {
  override _query(connection: { inTransaction: boolean }, query: Query): Promise<unknown> {
    if (query.sql === 'BEGIN;') query.sql = 'BEGIN IMMEDIATE;';
    if (/^ROLLBACK;?$/.test(query.sql) && !connection.inTransaction)
      return Promise.resolve({ ...query, response: [] });
    return super._query(connection, query);
  }
}

interface Connection {
  pragma: (sql: string) => unknown;
}

function connected(file: string, readonly: boolean, pragmas: readonly string[]): Knex {
  return knex({
    client: ImmediateClient as unknown as typeof knex.Client,
    connection: { filename: file, options: { readonly } } as Knex.Sqlite3ConnectionConfig,
    useNullAsDefault: true,
    // One connection: SQLite has one writer, and pragmas are per connection.
    pool: {
      min: 1,
      max: 1,
      afterCreate: (connection: Connection, done: (error: Error | null, connection: unknown) => void) => {
        for (const pragma of pragmas) connection.pragma(pragma);
        done(null, connection);
      },
    },
    migrations: { migrationSource: migrationSource() },
  });
}

/** How long a write waits for another's, ms. */
const BUSY_MS = 5000;

/**
 * Opens (and creates) the SQLite file for work: write-ahead log, foreign keys on, every commit on disk before it is
 * acknowledged. The schema is as it is: see {@link migrate}.
 */
export function openForWriting(file: string): Knex {
  return connected(file, false, [
    'journal_mode = WAL',
    'synchronous = FULL',
    'foreign_keys = ON',
    `busy_timeout = ${BUSY_MS}`,
  ]);
}

/** Opens a database to look things up in, beside the connection that writes. */
export function openForReading(file: string): Knex {
  return connected(file, true, [`busy_timeout = ${BUSY_MS}`]);
}

/** Brings the schema to this version's. Whoever calls has the file alone: a mark left by a killed start is dropped. */
export async function migrate(db: Knex): Promise<void> {
  if (await db.schema.hasTable('knex_migrations_lock')) await db.migrate.forceFreeMigrationsLock();
  await db.migrate.latest();
}

/** Opens a database for work at this version's schema. */
export async function openDatabase(file: string): Promise<Knex> {
  const db = openForWriting(file);
  try {
    await migrate(db);
    return db;
  } catch (e) {
    await db.destroy();
    throw e;
  }
}

/** The file of a connection's database. */
export function fileOfDatabase(db: Knex): string {
  return (db.client.config.connection as { filename: string }).filename;
}
