import type { Problem } from '@hornblende/core/input';
import { familyByKey } from '@hornblende/core/materials';
import type { Knex } from 'knex';
import { columnReferences, keyOf, type RecordKind, type Row } from './kind.js';
import { keyColumnOf, type ColumnReference, type ListReference } from './reference.js';

/** What a document is said to refer to: its own words, which may name what is gone since. */
type Said = (field: string) => unknown;

/** The value at a place such as `of.partId` of a document. */
export function saidAt(document: unknown, field: string): unknown {
  return field
    .split('.')
    .reduce<unknown>((at, name) => (at as Record<string, unknown> | null | undefined)?.[name], document);
}

/**
 * Looks whether what a new row refers to is there. A reference that was there when it was said, and is gone since, is
 * forgotten.
 * @param row is changed where a reference is forgotten
 * @param before what the row said before; null for a new one
 */
export async function columnProblems(
  t: Knex,
  kind: RecordKind,
  row: Row,
  before: Said | null,
  prefix: string,
): Promise<Problem[]> {
  const problems: Problem[] = [];
  for (const reference of columnReferences(kind)) {
    const { column, field, to, gone } = reference;
    const value = row[column];
    if (field === null || value === null || value === undefined) continue;
    if (await isThere(t, reference, value)) continue;
    if (gone === 'forgotten' && before?.(field) === value) row[column] = null;
    else problems.push({ field: `${prefix}${field}`, value, message: notHere(to) });
  }
  return problems;
}

async function isThere(t: Knex, { to }: ColumnReference, value: unknown): Promise<boolean> {
  if (to === 'grades' && familyByKey(String(value))) return true;
  const key = keyColumnOf(to);
  return (
    (await t(to)
      .where(key, value as string)
      .first(key)) !== undefined
  );
}

/** What a reference that names nothing is told. */
const notHereWords: Readonly<Record<string, string>> = {
  grades: 'is neither a family nor a grade of this library',
  photos: 'is not kept here; send it first',
};

function notHere(table: string): string {
  return notHereWords[table] ?? 'is not in this workshop';
}

interface Entry {
  at: string;
  value: string;
}

/**
 * Looks whether what the lists of a row refer to is there, once it is written. What it named before may be gone since.
 * @param known the values that its lists had before
 */
export async function listProblems(
  t: Knex,
  kind: RecordKind,
  row: Row,
  known: ReadonlySet<string>,
  prefix: string,
): Promise<Problem[]> {
  const problems: Problem[] = [];
  for (const reference of listReferences(kind)) {
    if (!reference.needed) continue;
    const key = keyColumnOf(reference.to);
    const entries = await entriesOf(t, kind, reference, row);
    for (const { at, value } of entries) {
      if (known.has(value) || (reference.to === 'grades' && familyByKey(value))) continue;
      if (await t(reference.to).where(key, value).first(key)) continue;
      problems.push({
        field: `${prefix}${at}${reference.field}`,
        value,
        message: notHere(reference.to),
      });
    }
  }
  return problems;
}

/** The values that the lists of a row name. */
export async function listedValues(t: Knex, kind: RecordKind, row: Row): Promise<Set<string>> {
  const values = new Set<string>();
  for (const reference of listReferences(kind))
    for (const { value } of await entriesOf(t, kind, reference, row)) values.add(value);
  return values;
}

/** A kind's references that stand in lists inside its documents. */
export function listReferences({ references = [] }: RecordKind): ListReference[] {
  return references.filter(r => 'each' in r);
}

async function entriesOf(t: Knex, kind: RecordKind, r: ListReference, row: Row): Promise<Entry[]> {
  const query = t(t.raw(`${kind.table} as x, ${r.each} as e`))
    .select(t.raw(`substr(e.fullkey, 3) as at, ${r.value} as value`))
    .whereRaw(`${r.value} is not null`);
  for (const [column, value] of Object.entries(keyOf(kind, row)))
    void query.where(`x.${column}`, value as string);
  return (await query) as Entry[];
}

/** Where a row is referred to from: the table and key of one row that does; null where none does. */
export interface Referrer {
  kind: RecordKind;
  row: Row;
}

/**
 * One row that refers to another one, or null.
 * @param table the table of what is referred to
 * @param holding which references count
 */
export async function referrerOf(
  t: Knex,
  kinds: readonly RecordKind[],
  table: string,
  key: string,
): Promise<Referrer | null> {
  for (const kind of kinds)
    for (const reference of kind.references ?? []) {
      if (reference.to !== table) continue;
      const query =
        'column' in reference
          ? t(kind.table).where(reference.column, key)
          : t(t.raw(`${kind.table} as x, ${reference.each} as e`))
              .whereRaw(`${reference.value} = ?`, [key])
              .select('x.*');
      const row = (await query.first()) as Row | undefined;
      if (row) return { kind, row };
    }
  return null;
}
