import type { Problem } from '@hornblende/core/input';
import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { HttpProblem, notFound, staleWrite } from '../lib/errors.js';
import { columnProblems, listedValues, listProblems, saidAt } from './check-references.js';
import type { DocumentKind, RevisionedRow } from './document-kind.js';
import { insertRecord, requireSum, updateRecord, type Row as AnyRow } from './kind.js';
import { pageOf, type Page, type PageAsked } from './page.js';
import { keysFound, likeWord, wordsOf } from './search.js';
import { writing } from './write-gate.js';

/**
 * Documents with revisions in one table. A write names the revision it was made from; a stale one is refused with
 * what stands now, so that nothing is overwritten unseen. What a document refers to is looked for in the same
 * transaction that writes it.
 */
export class RevisionedStore<Content, Stored extends { revision: number }, Row extends RevisionedRow> {
  constructor(
    protected readonly db: Knex,
    readonly kind: DocumentKind<Content, Stored, Row>,
  ) {}

  /** Every document that can be read, or those of them that a condition picks. */
  async all(pick: (query: Knex.QueryBuilder) => unknown = () => undefined): Promise<Stored[]> {
    const { columns, direction } = this.kind.order;
    const query = this.db(this.kind.table).orderByRaw(columns.map(c => `${c} ${direction}`).join(', '));
    pick(query);
    const stored = ((await query) as Row[]).flatMap(row => {
      try {
        return [soundly(this.kind, row)];
      } catch {
        return [];
      }
    });
    return this.completed(stored);
  }

  /**
   * A page of them in the kind's order.
   * @param asked with the words of a search, where one is made
   */
  async page(
    asked: PageAsked & { search?: string | null },
    pick: (query: Knex.QueryBuilder) => unknown = () => undefined,
  ): Promise<Page<Stored>> {
    const { kind } = this;
    const query = this.db(kind.table);
    pick(query);
    const words = wordsOf(asked.search ?? '');
    if (kind.searchKind && words.length)
      query.whereIn(kind.key[0]!, keysFound(this.db, kind.searchKind, words));
    else for (const word of words) query.where(containing(kind.searched ?? [], word));
    const page = await pageOf<Row, Stored>(
      query,
      kind.order,
      asked,
      row => soundly(kind, row),
      row => String(row[kind.key[0] as keyof Row]),
    );
    return { ...page, items: await this.completed(page.items) };
  }

  /** @throws HttpProblem 404; 503 for a row that is damaged */
  async get(key: string): Promise<Stored> {
    const [stored] = await this.completed([readable(this.kind, key, await this.row(this.db, key))]);
    return stored!;
  }

  /**
   * @param id the id that it is to have; the same content under the same id again is the same document
   * @throws HttpProblem 409 when the key is taken; 400 for what does not fit what is kept
   */
  async create(content: Content, now: string, id: string | null = null): Promise<Stored> {
    const { kind } = this;
    const key = kind.keyOf?.(content) ?? id ?? randomUUID();
    const keyColumn = kind.key[0]!;
    await writing(this.db, async t => {
      const there = (await t(kind.table).where(keyColumn, key).first()) as Row | undefined;
      if (there && id !== null && saysTheSame(there, kind.columns(content, there, now))) return;
      if (there) throw taken(keyColumn, key, kind.one);
      const row: AnyRow = {
        [keyColumn]: key,
        ...kind.columns(content, null, now),
        revision: 1,
        updated_at: now,
        ...(kind.dated ? { created_at: now } : {}),
      };
      await this.requireFit(t, content, row, null, now);
      await insertRecord(t, kind, row);
      await this.requireListsFit(t, row, new Set());
      await kind.written?.({ t, key, content, revision: 1, now });
    });
    return this.get(key);
  }

  /** @throws HttpProblem 404; 409 with `current` when someone else saved since `revision`; 400 */
  async update(key: string, content: Content, revision: number, now: string): Promise<Stored> {
    const { kind } = this;
    const changed = await writing(this.db, async t => {
      const before = await this.row(t, key);
      if (before.revision !== revision) return false;
      const known = await listedValues(t, kind, before as unknown as AnyRow).catch(() => new Set<string>());
      const row: AnyRow = {
        ...before,
        ...kind.columns(content, before, now),
        revision: revision + 1,
        updated_at: now,
      };
      await this.requireFit(t, content, row, before, now);
      await updateRecord(t, kind, row);
      await this.requireListsFit(t, row, known);
      await kind.written?.({ t, key, content, revision: revision + 1, now });
      return true;
    });
    const current = await this.get(key);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /** Removes for good. @throws HttpProblem 404; 409 where it may not go */
  async remove(key: string, now: string): Promise<void> {
    const { kind } = this;
    await writing(this.db, async t => {
      const row = await this.row(t, key);
      const held = await kind.mayNotGo?.(t, row);
      if (held) throw new HttpProblem(409, [held]);
      await t(kind.table).where(kind.key[0]!, key).delete();
      await kind.removed?.(t, key, now);
    });
  }

  private async completed(stored: Stored[]): Promise<Stored[]> {
    return (await this.kind.completed?.(this.db, stored)) ?? stored;
  }

  /** @throws HttpProblem 404 */
  protected async row(db: Knex, key: string): Promise<Row> {
    const row = (await db(this.kind.table).where(this.kind.key[0]!, key).first()) as Row | undefined;
    if (!row) throw notFound(this.kind.one, key);
    return row;
  }

  /** @throws HttpProblem 400 naming every field that does not fit */
  private async requireFit(
    t: Knex.Transaction,
    content: Content,
    row: AnyRow,
    before: Row | null,
    now: string,
  ): Promise<void> {
    const { kind } = this;
    const said = before && saidBefore(before);
    refuse([
      ...(await columnProblems(t, kind, row, said, this.prefix)),
      ...((await kind.problems?.(t, content, before, now)) ?? []),
    ]);
  }

  private async requireListsFit(t: Knex.Transaction, row: AnyRow, known: ReadonlySet<string>): Promise<void> {
    refuse(await listProblems(t, this.kind, row, known, `${this.kind.body.name}.`));
  }

  /** What stands before a field of the document in a problem; a reference of the envelope stands alone. */
  private get prefix(): string {
    return this.kind.json.includes('data') ? `${this.kind.body.name}.` : '';
  }
}

/** Whether a row says already what a write would set. */
function saysTheSame(row: object, columns: object): boolean {
  const there = row as AnyRow;
  return Object.entries(columns).every(([column, value]) => (there[column] ?? null) === (value ?? null));
}

/** What a row's document said: some of it may be gone since. */
function saidBefore(row: object): (field: string) => unknown {
  const { data } = row as { data?: string };
  if (data === undefined) return () => undefined;
  try {
    const document: unknown = JSON.parse(data);
    return field => saidAt(document, field);
  } catch {
    return () => undefined;
  }
}

/** @throws HttpProblem 400 */
function refuse(problems: Problem[]): void {
  if (problems.length) throw new HttpProblem(400, problems);
}

/** A condition that finds a word in any of a kind's columns, whatever its case. */
function containing(columns: readonly string[], word: string): (q: Knex.QueryBuilder) => void {
  return query => {
    for (const column of columns) void query.orWhereRaw(`${column} like ? escape '\\'`, [likeWord(word)]);
  };
}

/** @throws Error for a row that is not as it was written, or cannot be read */
function soundly<Content, Stored, Row extends RevisionedRow>(
  kind: DocumentKind<Content, Stored, Row>,
  row: Row,
): Stored {
  requireSum(kind, row as unknown as AnyRow);
  return kind.read(row);
}

/** @throws HttpProblem 503 for a row that is damaged */
function readable<Content, Stored, Row extends RevisionedRow>(
  kind: DocumentKind<Content, Stored, Row>,
  key: string,
  row: Row,
): Stored {
  try {
    return soundly(kind, row);
  } catch (e) {
    throw damagedRecord(kind.one, key, e);
  }
}

/** A record that cannot be read, as a refusal. */
export function damagedRecord(one: string, key: string, e: unknown): HttpProblem {
  const why = (e as Error).message.slice(0, 120);
  return new HttpProblem(503, [
    {
      field: one,
      value: key,
      message: `is damaged and cannot be read (${why}); the newest good backup has it`,
    },
  ]);
}

function taken(field: string, value: string, one: string): HttpProblem {
  return new HttpProblem(409, [{ field, value, message: `is taken by another ${one}` }]);
}
