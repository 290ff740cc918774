import type { Knex } from 'knex';
import { parsePrinter, type Printer, type StoredPrinter } from '@hornblende/core';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

/** What a save of a printer sets. */
export interface PrinterContent {
  profile: Printer;
  isDefault: boolean;
}

interface PrinterRow extends RevisionedRow {
  id: string;
  name: string;
  profile: string;
  is_default: number;
  created_at: string;
}

const kind: DocumentKind<PrinterContent, StoredPrinter, PrinterRow> = {
  name: 'printer',
  table: 'printers',
  keyColumn: 'id',
  dated: true,
  // The default first.
  order: { columns: ['1 - is_default', 'name', 'id'], direction: 'asc' },
  read: row => ({
    id: row.id,
    profile: parsePrinter(JSON.parse(row.profile)),
    isDefault: Boolean(row.is_default),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
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

/**
 * Printers in the database; exactly one is the default while there are any. Parts of a removed one fall back to
 * none.
 */
export class PrinterStore extends RevisionedStore<PrinterContent, StoredPrinter, PrinterRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
