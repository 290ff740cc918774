import type { StoredPrinter } from '@hornblende/core/api';
import { parsePrinter, Printer } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { printRates } from '../print-rates.js';
import { printerRecords } from '../printer-records.js';
import { PrinterEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { kept, parsed, titled } from './fields.js';

/** What a save of a printer sets. */
export interface PrinterContent {
  profile: Printer;
  isDefault: boolean;
}

/** A printer’s row. */
export interface PrinterRow extends RevisionedRow {
  id: string;
  name: string;
  profile: string;
  is_default: number;
  created_at: string;
}

/** Printers; exactly one is the default while there are any. */
export const printers: DocumentKind<PrinterContent, StoredPrinter, PrinterRow> = {
  name: 'printers',
  one: 'printer',
  table: 'printers',
  key: ['id'],
  json: ['profile'],
  // Another printer may become the default without this one being written.
  unsummed: ['is_default'],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parsePrinter(parsed(row, 'profile')),
  path: '/printers',
  plain: true,
  body: {
    name: 'profile',
    Envelope: PrinterEnvelope,
    fields: Printer,
    read: (plain, envelope) => ({
      // Its record is worked out of the log of prints, its rates out of the settings.
      profile: { ...within('profile', () => parsePrinter(plain)), record: null, rates: null },
      isDefault: (envelope as PrinterEnvelope).isDefault,
    }),
  },
  dated: true,
  // The default first.
  order: { columns: ['1 - is_default', 'name', 'id'], direction: 'asc' },
  searched: ['name'],
  read: row => ({
    id: row.id,
    profile: kept(Printer, row.profile),
    isDefault: Boolean(row.is_default),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  completed: async (db, stored) => {
    const records = await printerRecords(
      db,
      stored.map(p => p.id),
    );
    const rates = await printRates(db);
    return stored.map(p => ({
      ...p,
      profile: { ...p.profile, record: records.get(p.id) ?? null, rates },
    }));
  },
  columns: ({ profile }) => ({ name: profile.name, profile: JSON.stringify(profile) }),
  written: async ({ t, key, content }) => {
    if (content.isDefault) await makeDefault(t, key);
    else await requireDefault(t);
  },
  removed: requireDefault,
};

async function makeDefault(t: Knex.Transaction, id: string): Promise<void> {
  await t('printers').whereNot({ id }).update({ is_default: false });
  await t('printers').where({ id }).update({ is_default: true });
}

/** Another becomes the default where none is. */
async function requireDefault(t: Knex.Transaction): Promise<void> {
  if (await t<PrinterRow>('printers').where({ is_default: 1 }).first('id')) return;
  const next = await t<PrinterRow>('printers').orderBy('name').first('id');
  if (next) await makeDefault(t, next.id);
}
