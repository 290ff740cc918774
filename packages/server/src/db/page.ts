import { InputError } from '@hornblende/core/input';
import type { Knex } from 'knex';

/** Which page of a list is wanted. */
export interface PageAsked {
  limit: number;
  /** Where the page before ended; null for the first page. */
  after: string | null;
}

/** A page of a list in its stable order. */
export interface Page<T> {
  items: T[];
  /** Where the next page begins; null at the end. */
  next: string | null;
  /** Keys of rows that cannot be read: they are left out, and the rest of the list stands. */
  unreadable: string[];
}

/** The order of a list: columns or expressions, all rising or all falling, the last one unique. */
export interface ListOrder {
  columns: readonly string[];
  direction: 'asc' | 'desc';
}

/** Rows of a page when nothing is said, and the most. */
export const PAGE = { usual: 100, most: 1000 };

/** Reads which page a query string asks for. @throws InputError */
export function pageAsked(query: Record<string, unknown>): PageAsked {
  const { limit = PAGE.usual, after = null } = query;
  const n = Number(limit);
  if (!Number.isInteger(n) || n < 1 || n > PAGE.most)
    throw new InputError([
      { field: 'limit', value: limit, message: `must be a whole number from 1 to ${PAGE.most}` },
    ]);
  if (after !== null && typeof after !== 'string')
    throw new InputError([{ field: 'after', value: after, message: 'must be given once' }]);
  return { limit: n, after };
}

/**
 * A page of a query by its key set (the values that the last row was ordered by), which costs the same however far
 * down it lies.
 * @param query a query without order or limit; `read` may throw for a row that is damaged
 */
export async function pageOf<Row extends object, T>(
  query: Knex.QueryBuilder,
  order: ListOrder,
  asked: PageAsked,
  read: (row: Row) => T,
  keyOf: (row: Row) => string,
  shownColumns: readonly string[] = ['*'],
): Promise<Page<T>> {
  const { columns, direction } = order;
  const marks = columns.map((_, i) => `o${i}`);
  const limited = query
    .clone()
    .select(...shownColumns, ...columns.map((c, i) => query.client.raw(`${c} as ${marks[i]}`) as Knex.Raw))
    .orderByRaw(columns.map(c => `${c} ${direction}`).join(', '))
    .limit(asked.limit + 1);
  if (asked.after !== null) {
    const from = keySet(asked.after, columns.length);
    const compared = direction === 'asc' ? '>' : '<';
    limited.whereRaw(`(${columns.join(', ')}) ${compared} (${columns.map(() => '?').join(', ')})`, from);
  }
  const rows = (await limited) as (Row & Record<string, unknown>)[];
  const shown = rows.slice(0, asked.limit);
  const items: T[] = [];
  const unreadable: string[] = [];
  const last = shown.at(-1);
  const more = rows.length > asked.limit && last !== undefined;
  const next = more ? cursorOf(marks.map(m => last[m])) : null;
  for (const row of shown) {
    // What the page is ordered by is no column of the row.
    for (const mark of marks) delete row[mark];
    try {
      items.push(read(row));
    } catch {
      unreadable.push(keyOf(row));
    }
  }
  return { items, unreadable, next };
}

/** Where a page ended, as it goes out: the values that its last row is ordered by. */
export function cursorOf(values: unknown[]): string {
  return Buffer.from(JSON.stringify(values)).toString('base64url');
}

/** The values where a page ended. @throws InputError for a cursor that no page gave */
export function keySet(after: string, length: number): (string | number)[] {
  let values: unknown = null;
  try {
    values = JSON.parse(Buffer.from(after, 'base64url').toString());
  } catch {
    /* refused below */
  }
  const usable =
    Array.isArray(values) &&
    values.length === length &&
    values.every(v => typeof v === 'string' || typeof v === 'number');
  if (!usable)
    throw new InputError([
      { field: 'after', value: after.slice(0, 60), message: 'must be what the page before gave as its next' },
    ]);
  return values as (string | number)[];
}
