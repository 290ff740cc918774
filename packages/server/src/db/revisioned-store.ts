import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { HttpProblem, notFound, staleWrite } from '../lib/errors.js';
import { pageOf, type ListOrder, type Page, type PageAsked } from './page.js';
import { writing } from './write-gate.js';

/** The columns that every revisioned table has. */
export interface RevisionedRow {
  revision: number;
  updated_at: string;
}

/** A write as it happens inside its transaction. */
export interface Write<Content> {
  t: Knex.Transaction;
  key: string;
  content: Content;
  revision: number;
  now: string;
}

/** What a kind of document is: its table, and how a row is read and written. */
export interface DocumentKind<Content, Stored, Row extends RevisionedRow> {
  /** What one is called in problems: "part". */
  name: string;
  table: string;
  keyColumn: 'id' | 'key';
  /** Whether rows carry when they were made. */
  dated: boolean;
  /** The order of lists. */
  order: ListOrder;
  read: (row: Row) => Stored;
  /** The columns that a write sets. @param before the row as it was, or null for a new one */
  columns: (content: Content, before: Row | null, now: string) => Partial<Row>;
  /** The key of new content; a random one where it brings none. */
  keyOf?: (content: Content) => string;
  /** Refuses content that does not fit what else is kept. @throws HttpProblem */
  check?: (db: Knex, content: Content, before: Row | null) => Promise<void>;
  /** What else a write changes, in its transaction. */
  written?: (write: Write<Content>) => Promise<void>;
  /** What else a removal changes, in its transaction. */
  removed?: (t: Knex.Transaction) => Promise<void>;
}

/**
 * Documents with revisions in one table. A write names the revision it was made from; a stale one is refused with
 * what stands now, so that nothing is overwritten unseen.
 */
export class RevisionedStore<Content, Stored extends { revision: number }, Row extends RevisionedRow> {
  constructor(
    protected readonly db: Knex,
    protected readonly kind: DocumentKind<Content, Stored, Row>,
  ) {}

  /** Every document, or those that a condition picks. */
  async all(pick: (query: Knex.QueryBuilder) => unknown = () => undefined): Promise<Stored[]> {
    const { columns, direction } = this.kind.order;
    const query = this.db(this.kind.table).orderByRaw(columns.map(c => `${c} ${direction}`).join(', '));
    pick(query);
    return ((await query) as Row[]).map(this.kind.read);
  }

  /** A page of them in the kind's order. */
  async page(
    asked: PageAsked,
    pick: (query: Knex.QueryBuilder) => unknown = () => undefined,
  ): Promise<Page<Stored>> {
    const { table, order, read, keyColumn } = this.kind;
    const query = this.db(table);
    pick(query);
    return pageOf<Row, Stored>(query, order, asked, read, row => String(row[keyColumn as keyof Row]));
  }

  /** @throws HttpProblem 404 */
  async get(key: string): Promise<Stored> {
    return readable(this.kind, key, await this.row(key));
  }

  /** @throws HttpProblem 409 when the key is taken */
  async create(content: Content, now: string): Promise<Stored> {
    const { kind } = this;
    await kind.check?.(this.db, content, null);
    const key = kind.keyOf?.(content) ?? randomUUID();
    await writing(this.db, async t => {
      if (await t(kind.table).where(kind.keyColumn, key).first()) throw taken(kind.keyColumn, key, kind.name);
      await t(kind.table).insert({
        [kind.keyColumn]: key,
        ...kind.columns(content, null, now),
        revision: 1,
        updated_at: now,
        ...(kind.dated ? { created_at: now } : {}),
      });
      await kind.written?.({ t, key, content, revision: 1, now });
    });
    return this.get(key);
  }

  /** @throws HttpProblem 404; 409 with `current` when someone else saved since `revision` */
  async update(key: string, content: Content, revision: number, now: string): Promise<Stored> {
    const { kind } = this;
    const before = await this.row(key);
    await kind.check?.(this.db, content, before);
    const changed = await writing(this.db, async t => {
      const rows = await t(kind.table)
        .where({ [kind.keyColumn]: key, revision })
        .update({ ...kind.columns(content, before, now), revision: revision + 1, updated_at: now });
      if (rows) await kind.written?.({ t, key, content, revision: revision + 1, now });
      return rows;
    });
    const current = await this.get(key);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /** Removes for good. @throws HttpProblem 404 */
  async remove(key: string): Promise<void> {
    await this.row(key);
    await writing(this.db, async t => {
      await t(this.kind.table).where(this.kind.keyColumn, key).delete();
      await this.kind.removed?.(t);
    });
  }

  /** @throws HttpProblem 404 */
  protected async row(key: string): Promise<Row> {
    const row = (await this.db(this.kind.table).where(this.kind.keyColumn, key).first()) as Row | undefined;
    if (!row) throw notFound(this.kind.name, key);
    return row;
  }
}

/** @throws HttpProblem 503 for a row that is damaged */
function readable<Content, Stored, Row extends RevisionedRow>(
  kind: DocumentKind<Content, Stored, Row>,
  key: string,
  row: Row,
): Stored {
  try {
    return kind.read(row);
  } catch (e) {
    const why = (e as Error).message.slice(0, 120);
    throw new HttpProblem(503, [
      {
        field: kind.name,
        value: key,
        message: `is damaged and cannot be read (${why}); the newest good backup has it`,
      },
    ]);
  }
}

function taken(field: string, value: string, name: string): HttpProblem {
  return new HttpProblem(409, [{ field, value, message: `is taken by another ${name}` }]);
}
