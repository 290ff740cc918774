import type { Knex } from 'knex';
import type { ColumnReference, Reference } from './reference.js';
import { recordSum, SUM, type Row } from './record-sum.js';

export type { Row } from './record-sum.js';

/**
 * A kind of record, described once: from here come how it is kept, checked, listed, written to an archive and read
 * back, and what a person would call it. A table without a kind fails a test.
 */
export interface RecordKind {
  /** What several are called: "parts". The folder of its files in an archive. */
  name: string;
  /** What one is called in problems: "part". */
  one: string;
  table: string;
  /** The columns that name a row. */
  key: readonly string[];
  /** Columns that hold JSON as text; files have them as it. */
  json: readonly string[];
  /** What it refers to. */
  references?: readonly Reference[];
  /** Columns that its checksum leaves out, besides references that are forgotten. */
  unsummed?: readonly string[];
  /** A column of bytes, which an archive has as a file of its own beside the row's. */
  blob?: string;
  /** Where those bytes stand in the folder of photographs, rather than in the database. */
  file?: (row: Row) => string;
  /** The columns that say when a row was last written, for imports. */
  writtenAt: readonly string[];
  /** Whether rows carry a revision. */
  revisioned?: true;
  /** Whether rows are only ever added: an import leaves one that stands here as it is. */
  onlyAdded?: true;
  /** What a person would call a row. */
  title: (row: Row) => string;
  /** @throws Error for a row that cannot be used */
  check: (row: Row) => void;
  /**
   * Columns of which `check` asks no more than that they are JSON: where a whole database is looked through, SQLite
   * looks at them where they stand.
   */
  wellFormed?: readonly string[];
  /** A row as its file has it, where that is more than its JSON unfolded. */
  toFile?: (row: Row) => Row;
  fromFile?: (file: Row) => Row;
}

/** The references that stand in columns. */
export function columnReferences({ references = [] }: Pick<RecordKind, 'references'>): ColumnReference[] {
  return references.filter(r => 'column' in r);
}

const apartOf = new WeakMap<RecordKind, ReadonlySet<string>>();

/** The columns that a kind's checksum leaves out. */
export function unsummedColumns(kind: RecordKind): ReadonlySet<string> {
  const known = apartOf.get(kind);
  if (known) return known;
  const forgotten = columnReferences(kind).filter(r => r.gone === 'forgotten');
  const apart = new Set([...(kind.unsummed ?? []), ...forgotten.map(r => r.column)]);
  apartOf.set(kind, apart);
  return apart;
}

/** A row with its checksum, ready to be written. */
export function summed<R extends Row>(kind: RecordKind, row: R): R & { sum: number } {
  return { ...row, [SUM]: recordSum(row, unsummedColumns(kind)) } as R & { sum: number };
}

/** @throws Error for a row that is not as it was written */
export function requireSum(kind: RecordKind, row: Row): void {
  if (row[SUM] !== recordSum(row, unsummedColumns(kind)))
    throw new Error('is not as it was written: its checksum does not fit');
}

/** Adds a row. */
export async function insertRecord(t: Knex, kind: RecordKind, row: Row): Promise<void> {
  await t(kind.table).insert(summed(kind, row));
}

/** Adds a row, or leaves the one that has its key. */
export async function insertOnce(t: Knex, kind: RecordKind, row: Row): Promise<void> {
  await t(kind.table)
    .insert(summed(kind, row))
    .onConflict([...kind.key])
    .ignore();
}

/** Adds a row, or puts it in place of the one that has its key. */
export async function putRecord(t: Knex, kind: RecordKind, row: Row): Promise<void> {
  await t(kind.table)
    .insert(summed(kind, row))
    .onConflict([...kind.key])
    .merge();
}

/** Writes a row whole over the one that has its key. */
export async function updateRecord(t: Knex, kind: RecordKind, row: Row): Promise<void> {
  await t(kind.table).where(keyOf(kind, row)).update(summed(kind, row));
}

/** The columns that name a row, with its values. */
export function keyOf(kind: RecordKind, row: Row): Row {
  return Object.fromEntries(kind.key.map(k => [k, row[k]]));
}

/** The columns that name a row, as one text. */
export function keyText(kind: RecordKind, row: Row): string {
  return kind.key.map(k => String(row[k] ?? '')).join('.');
}

/**
 * The file of a row, as JSON: a line a column, its checksum left to whoever keeps it. Columns that hold JSON go in as
 * they are, for to read hundreds of thousands and write them again takes half a minute.
 * @param row one of which such columns hold JSON
 */
export function fileText(kind: RecordKind, row: Row): string {
  const { [SUM]: _sum, ...plain } = row;
  if (kind.toFile) return `${JSON.stringify(kind.toFile(plain), null, 1)}\n`;
  if (kind.blob) delete plain[kind.blob];
  const lines = Object.entries(plain).map(([column, value]) => {
    const isJson = typeof value === 'string' && kind.json.includes(column);
    return ` ${JSON.stringify(column)}: ${isJson ? value : JSON.stringify(value)}`;
  });
  return `{\n${lines.join(',\n')}\n}\n`;
}

/** In SQL, whether every column of a row that holds JSON does hold it. */
export function holdsJson({ json }: Pick<RecordKind, 'json'>): string {
  return json.map(column => `(${column} is null or json_valid(${column}))`).join(' and ') || 'true';
}

/** A file as the row that it was. */
export function rowOf(kind: RecordKind, file: Row): Row {
  if (kind.fromFile) return kind.fromFile(file);
  return Object.fromEntries(
    Object.entries(file).map(([column, value]) => [
      column,
      typeof value === 'object' && value !== null ? JSON.stringify(value) : value,
    ]),
  );
}
