import { printOutcomes } from '@hornblende/core/formats';
import { printerRecord, type PrintOutcomeTold } from '@hornblende/core/print';
import type { PrinterRecord } from '@hornblende/core/workshop';
import type { Knex } from 'knex';

/**
 * What the log of prints says of printers.
 * @returns by printer; those of which it says nothing are left out
 */
export async function printerRecords(db: Knex, ids: readonly string[]): Promise<Map<string, PrinterRecord>> {
  const told = (field: string): Knex.Raw => db.raw('json_extract(data, ?)', [`$.${field}`]) as Knex.Raw;
  const rows = (await db('prints')
    .whereIn('printer_id', ids)
    // A damaged print counts for nothing here; it is told of where prints are listed.
    .whereRaw('json_valid(data)')
    .whereRaw(`json_extract(data, '$.outcome') in (${printOutcomes.map(() => '?').join()})`, [
      ...printOutcomes,
    ])
    .select({
      printerId: 'printer_id',
      outcome: told('outcome'),
      family: told('family'),
      minutes: told('minutes'),
      expectedMinutes: told('expectedMinutes'),
      plate: told('plate'),
      ownPlate: told('ownPlate'),
    })) as (PrintOutcomeTold & { printerId: string })[];
  const byPrinter = new Map<string, PrintOutcomeTold[]>(ids.map(id => [id, []]));
  for (const { printerId, ...print } of rows) byPrinter.get(printerId)?.push(print);
  const records = new Map<string, PrinterRecord>();
  for (const [id, prints] of byPrinter) {
    const record = printerRecord(prints);
    if (record) records.set(id, record);
  }
  return records;
}
