/** What becomes of a reference when what it names goes. */
export type WhenGone =
  /** It is forgotten: the record stays without it. */
  | 'forgotten'
  /** The record goes too. */
  | 'goes too'
  /** The record keeps the name of what is gone. */
  | 'keeps the name'
  /** What it names may not go. */
  | 'holds it';

/** A reference that stands in a column of its own, and is held by the database. */
export interface ColumnReference {
  column: string;
  /** Where the document has it, such as `of.partId`; null where no document says it. */
  field: string | null;
  to: string;
  gone: WhenGone;
}

/** References that stand in a list inside a document. */
export interface ListReference {
  /** A table-valued expression over a row's columns: JSON of SQLite, each row an entry of the list. */
  each: string;
  /** The value of one entry, as SQL over `e`. */
  value: string;
  /** What follows the entry's place in a problem's field, such as `.material`. */
  field: string;
  to: string;
  gone: WhenGone;
  /** Whether one that names nothing is refused. */
  needed: boolean;
}

/** A reference of a kind of record to another. */
export type Reference = ColumnReference | ListReference;

/** The columns by which tables are referred to, where that is not `id`. */
const keyColumns: Readonly<Record<string, string>> = {
  grades: 'key',
  photos: 'sha256',
  library_snapshots: 'hash',
  record_pieces: 'hash',
};

/** The column by which a table is referred to. */
export function keyColumnOf(table: string): string {
  return keyColumns[table] ?? 'id';
}
