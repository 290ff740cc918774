import type { Knex } from 'knex';
import { keyOf, type RecordKind, type Row } from './kind.js';

/** Rows read at once; of those that hold files only a few. */
const CHUNK = 500;
const FILES = 4;

/**
 * Every row of a kind by its key, a few hundred at a time: ten thousand years of records must not stand in memory
 * at once.
 */
export async function* rowsOf(db: Knex, { table, key, blob }: RecordKind): AsyncGenerator<Row> {
  const columns = key.join(', ');
  const chunk = blob ? FILES : CHUNK;
  let after: unknown[] | null = null;
  for (;;) {
    const query = db(table).orderByRaw(columns).limit(chunk);
    if (after) query.whereRaw(`(${columns}) > (${key.map(() => '?').join(', ')})`, after as string[]);
    const rows = (await query) as Row[];
    yield* rows;
    const last = rows.at(-1);
    if (rows.length < chunk || !last) return;
    after = key.map(k => last[k]);
  }
}

/** The row of a kind that has the same key as another. */
export async function sameKey(db: Knex, kind: RecordKind, row: Row): Promise<Row | undefined> {
  return (await db(kind.table).where(keyOf(kind, row)).first()) as Row | undefined;
}
