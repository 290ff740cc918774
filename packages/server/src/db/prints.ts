import type { Knex } from 'knex';
import {
  familyByKey,
  gradeFamily,
  ledgerProblems,
  parsePrintEntry,
  parseSpool,
  type PrintEntry,
  type Spool,
  type SpoolEvent,
  type StoredPrint,
} from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { readGradeRow, type GradeRow } from './grades.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';
import { writing } from './write-gate.js';

interface PrintRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  printer_id: string;
  spool_id: string | null;
  at: string;
  data: string;
  created_at: string;
}

const kind: DocumentKind<PrintEntry, StoredPrint, PrintRow> = {
  name: 'print',
  table: 'prints',
  keyColumn: 'id',
  dated: true,
  order: { columns: ['at', 'id'], direction: 'desc' },
  read: row => ({
    id: row.id,
    print: parsePrintEntry(JSON.parse(row.data)),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: print => ({
    part_id: print.partId,
    printer_id: print.printerId,
    spool_id: print.spoolId,
    at: print.at,
    data: JSON.stringify(print),
  }),
  check: requireThings,
  written: async ({ t, key, content, revision, now }) => {
    if (revision > 1) await offSpools(t, key, now);
    if (content.outcome !== 'timed') await ontoSpool(t, key, content, now);
  },
};

/** The log of prints. What a print took stands in its spool's ledger, written in the same transaction. */
export class PrintStore extends RevisionedStore<PrintEntry, StoredPrint, PrintRow> {
  constructor(db: Knex) {
    super(db, kind);
  }

  /** Removes an entry, and its line from the spool's ledger. @throws HttpProblem 404 */
  override async remove(id: string): Promise<void> {
    await this.row(id);
    const now = new Date().toISOString();
    await writing(this.db, async t => {
      await offSpools(t, id, now);
      await t('prints').where({ id }).delete();
    });
  }
}

async function requireThings(db: Knex, print: PrintEntry): Promise<void> {
  const missing = async (table: string, field: 'printerId' | 'partId' | 'spoolId'): Promise<void> => {
    const id = print[field];
    if (id === null || (await db(table).where({ id }).first('id'))) return;
    throw new HttpProblem(400, [{ field: `print.${field}`, value: id, message: 'is not in this workshop' }]);
  };
  await missing('printers', 'printerId');
  await missing('parts', 'partId');
  await missing('spools', 'spoolId');
}

interface SpoolLine {
  id: string;
  material: string;
  data: string;
  revision: number;
}

/** Takes a print's line off whatever spool has it: it may have been written onto another before. */
async function offSpools(t: Knex.Transaction, print: string, now: string): Promise<void> {
  const lines = (await t('spools').whereRaw(
    "exists (select 1 from json_each(data, '$.events') e where e.value ->> 'print' = ?)",
    [print],
  )) as SpoolLine[];
  for (const line of lines) {
    const spool = parseSpool(JSON.parse(line.data));
    const events = spool.events.filter(e => e.print !== print);
    await save(t, line, { ...spool, events }, now);
  }
}

/** Writes what a print took into its spool's ledger. @throws HttpProblem when there is not so much on it */
async function ontoSpool(t: Knex.Transaction, key: string, print: PrintEntry, now: string): Promise<void> {
  if (print.spoolId === null || print.grams <= 0) return;
  const line = (await t('spools').where({ id: print.spoolId }).first()) as SpoolLine;
  const event: SpoolEvent = {
    kind: 'printed',
    at: print.at,
    grams: print.grams,
    note: `${print.part}, ${wentText(print)}`.slice(0, 200),
    dryingC: null,
    hours: null,
    print: key,
  };
  const spool = parseSpool(JSON.parse(line.data));
  const next = parseSpool({ ...spool, events: [...spool.events, event] });
  const grade = (await t('grades').where({ key: line.material }).first()) as GradeRow | undefined;
  const family = familyByKey(line.material) ?? (grade ? gradeFamily(readGradeRow(grade).grade) : null);
  // Only what this print brings is refused, not what stood there before.
  const known = new Set(ledgerProblems(spool, family, now).map(p => p.message));
  const fresh = ledgerProblems(next, family, now).filter(p => !known.has(p.message));
  if (fresh.length)
    throw new HttpProblem(
      400,
      fresh.map(p => ({
        field: `print.${p.field.endsWith('.at') ? 'at' : 'grams'}`,
        value: p.value,
        message: p.message,
      })),
    );
  await save(t, line, next, now);
}

function wentText({ outcome, note }: PrintEntry): string {
  if (outcome === 'well') return 'went well';
  return note ? `failed: ${note}` : 'failed';
}

async function save(t: Knex.Transaction, line: SpoolLine, spool: Spool, now: string): Promise<void> {
  await t('spools')
    .where({ id: line.id })
    .update({ data: JSON.stringify(spool), revision: line.revision + 1, updated_at: now });
}
