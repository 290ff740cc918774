import type { Knex } from 'knex';
import { updateRecord, type RecordKind, type Row } from '../kind.js';

/** Where documents of a kind name something in a list, and what becomes of the list when that is gone. */
export interface NamedInList<Content> {
  kind: RecordKind;
  /** The list of the document, and the field of its entries. */
  list: string;
  field: string;
  /** Reads a document that is kept. */
  parse: (plain: unknown) => Content;
  without: (content: Content, gone: string) => Content;
}

/** Has every document of a kind forget what is gone, wherever its list names it. */
export async function forgetInLists<Content>(
  t: Knex.Transaction,
  { kind, list, field, parse, without }: NamedInList<Content>,
  gone: string,
): Promise<void> {
  const rows = (await t(kind.table).whereRaw(
    `exists (select 1 from json_each(data, '$.${list}') e where e.value ->> '${field}' = ?)`,
    [gone],
  )) as Row[];
  for (const row of rows) {
    const content = without(parse(JSON.parse(String(row.data))), gone);
    await updateRecord(t, kind, { ...row, data: JSON.stringify(content) });
  }
}
