import type { Problem } from '@hornblende/core/input';
import type { SearchKind } from '@hornblende/core/api';
import type { Knex } from 'knex';
import type { RecordKind } from './kind.js';
import type { ListOrder } from './page.js';

/** The columns that every revisioned table has. */
export interface RevisionedRow {
  revision: number;
  updated_at: string;
  sum: number;
}

/** A write as it happens inside its transaction. */
export interface Write<Content> {
  t: Knex.Transaction;
  key: string;
  content: Content;
  revision: number;
  now: string;
}

/** How a document travels: an envelope, and in it the document under a name of its own. */
export interface DocumentBody<Content> {
  /** What it is called in the body: "spool". */
  name: string;
  Envelope: new () => object & { revision?: number; id: string | null };
  /** The class of fields it is read as, or the name of its schema where no class has them all. */
  fields: (new () => object) | string;
  /** Reads a document. @param envelope what stands beside it @throws InputError */
  read: (plain: unknown, envelope: object) => Content;
}

/** A kind of document: what a person makes, changes and removes, with a revision. */
export interface DocumentKind<Content, Stored, Row extends RevisionedRow> extends RecordKind {
  /** The address of its list below `/api`. */
  path: string;
  body: DocumentBody<Content>;
  /** Whether rows carry when they were made. */
  dated: boolean;
  /** Whether its routes are those of any document, with nothing beside. */
  plain?: true;
  /** The order of lists. */
  order: ListOrder;
  /** The columns that a search looks through, word by word. */
  searched?: readonly string[];
  /** What it is to the full-text search, by which its list is searched then. */
  searchKind?: SearchKind;
  read: (row: Row) => Stored;
  /** Adds what is worked out from other tables to documents that were read, and is kept with none of them. */
  completed?: (db: Knex, stored: Stored[]) => Promise<Stored[]>;
  /** The columns that a write sets. @param before the row as it was, or null for a new one */
  columns: (content: Content, before: Row | null, now: string) => Partial<Row>;
  /** The key of new content; a random one where it brings none. */
  keyOf?: (content: Content) => string;
  /** What else does not fit what is kept. Runs inside the transaction. */
  problems?: (t: Knex, content: Content, before: Row | null, now: string) => Promise<Problem[]>;
  /** What else a write changes, in its transaction. */
  written?: (write: Write<Content>) => Promise<void>;
  /** Why a row may not be removed now; null where it may. */
  mayNotGo?: (t: Knex, row: Row) => Promise<Problem | null>;
  /** What else a removal changes, in its transaction. @param key of what was removed */
  removed?: (t: Knex.Transaction, key: string, now: string) => Promise<void>;
}
