import { parseSpool, type PrintEntry, type Spool, type SpoolEvent } from '@hornblende/core/formats';
import { ledgerProblems } from '@hornblende/core/workshop';
import type { Knex } from 'knex';
import { HttpProblem } from '../lib/errors.js';
import { updateRecord } from './kind.js';
import { materialOf, spools, type SpoolRow } from './kinds/spools.js';

// What prints take off spools: a line of a spool's ledger for each print that named it.

/** Takes a print's line off whatever spool has it: it may have been written onto another before. */
export async function offSpools(t: Knex.Transaction, print: string, now: string): Promise<void> {
  const lines = (await t('spools').whereRaw(
    "exists (select 1 from json_each(data, '$.events') e where e.value ->> 'print' = ?)",
    [print],
  )) as SpoolRow[];
  for (const line of lines) {
    const spool = parseSpool(JSON.parse(line.data));
    const events = spool.events.filter(e => e.print !== print);
    await save(t, line, { ...spool, events }, now);
  }
}

/** Writes what a print took into its spool's ledger. @throws HttpProblem when there is not so much on it */
export async function ontoSpool(
  t: Knex.Transaction,
  key: string,
  print: PrintEntry,
  now: string,
): Promise<void> {
  if (print.spoolId === null || print.grams <= 0) return;
  const line = (await t('spools').where({ id: print.spoolId }).first()) as SpoolRow | undefined;
  // Gone from the shelf since it was printed: there is no ledger to write into.
  if (!line) return;
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
  const family = await materialOf(t, line.material);
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

async function save(t: Knex.Transaction, line: SpoolRow, spool: Spool, now: string): Promise<void> {
  await updateRecord(t, spools, {
    ...line,
    data: JSON.stringify(spool),
    revision: line.revision + 1,
    updated_at: now,
  });
}
