import type Driver from 'better-sqlite3';
import { SUM } from '../db/record-sum.js';
import type { RecordKind } from '../db/kind.js';

// How a staged archive is set beside the workshop: both are open on one connection, the workshop as `main` and the
// archive as `staged`, and each question is one statement over a whole kind, however many records there are.

/** What importing one record would do. */
export type Verdict = 'add' | 'change' | 'conflict' | 'same';

/** Columns that say when and how often a row was written, and not what it says. */
const ABOUT_WRITING: ReadonlySet<string> = new Set([SUM, 'revision', 'updated_at', 'saved_at', 'begun_at']);

/** The columns of a table in both databases: a staged one is at the same schema. */
export function columnsOf(db: Driver.Database, { table }: RecordKind): string[] {
  return db.prepare('select name from pragma_table_info(?)').pluck().all(table) as string[];
}

/** That two rows have the same key, as SQL. */
export function sameKey(kind: RecordKind, a: string, b: string): string {
  return kind.key.map(k => `${a}."${k}" = ${b}."${k}"`).join(' and ');
}

/** That two rows say the same, whenever they were written, as SQL. */
export function sameContent(columns: readonly string[], kind: RecordKind, a: string, b: string): string {
  const apart = new Set([...ABOUT_WRITING, ...(kind.unsummed ?? [])]);
  return columns
    .filter(c => !apart.has(c))
    .map(c => `${a}."${c}" is ${b}."${c}"`)
    .join(' and ');
}

/** That a row was written after a moment, as SQL with one parameter for each column that says when. */
function writtenAfter(kind: RecordKind, a: string): string {
  return kind.writtenAt.map(c => `coalesce(${a}."${c}", '') > @madeAt`).join(' or ') || '0';
}

/** What importing each staged record would do, as a query of their rowids and verdicts; `@madeAt` when it was made. */
export function verdictsQuery(columns: readonly string[], kind: RecordKind): string {
  // What is only ever added is never changed: where it stands here in other words, it stays.
  const changed = kind.onlyAdded
    ? "'conflict'"
    : `case when ${writtenAfter(kind, 'ours')} then 'conflict' else 'change' end`;
  return `select theirs.rowid as id, case
      when ours."${kind.key[0]}" is null then 'add'
      when ${sameContent(columns, kind, 'theirs', 'ours')} then 'same'
      else ${changed} end as verdict
    from staged.${kind.table} theirs left join main.${kind.table} ours on ${sameKey(kind, 'theirs', 'ours')}`;
}
