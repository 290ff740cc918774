import { Mutex } from 'async-mutex';
import type { Knex } from 'knex';

/**
 * One writer at a time for each database. SQLite would make the second wait in the middle of its call and hold up
 * the whole server; here it waits without doing so.
 */
const gates = new WeakMap<Knex, Mutex>();

/** Whoever holds the gate writes: a transaction here, or a job in a thread of its own. */
export function holdingGate<T>(db: Knex, work: () => Promise<T>): Promise<T> {
  const gate = gates.get(db) ?? new Mutex();
  gates.set(db, gate);
  return gate.runExclusive(work);
}

/** Runs a transaction that writes; nested in another one it is part of that. */
export function writing<T>(db: Knex, work: (t: Knex.Transaction) => Promise<T>): Promise<T> {
  return 'isTransaction' in db && db.isTransaction
    ? work(db as Knex.Transaction)
    : holdingGate(db, () => db.transaction(work));
}
