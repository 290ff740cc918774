import type { StoredPrint } from '@hornblende/core/api';
import { parsePrintEntry, PrintEntry } from '@hornblende/core/formats';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { offSpools, ontoSpool } from '../print-ledger.js';
import { dated, kept, parsed } from './fields.js';

/** A print's row. */
export interface PrintRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  printer_id: string | null;
  spool_id: string | null;
  at: string;
  data: string;
  created_at: string;
}

/** The log of prints, newest first. What a print took stands in its spool's ledger, written in the same transaction. */
export const prints: DocumentKind<PrintEntry, StoredPrint, PrintRow> = {
  name: 'prints',
  one: 'print',
  table: 'prints',
  key: ['id'],
  json: ['data'],
  references: [
    { column: 'part_id', field: 'partId', to: 'parts', gone: 'forgotten' },
    { column: 'printer_id', field: 'printerId', to: 'printers', gone: 'forgotten' },
    { column: 'spool_id', field: 'spoolId', to: 'spools', gone: 'forgotten' },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: dated('a print of', 'at'),
  check: row => void parsePrintEntry(parsed(row, 'data')),
  path: '/prints',
  plain: true,
  body: {
    name: 'print',
    Envelope: DocumentEnvelope,
    fields: PrintEntry,
    read: plain => within('print', () => parsePrintEntry(plain)),
  },
  dated: true,
  order: { columns: ['at', 'id'], direction: 'desc' },
  searched: ["json_extract(data, '$.part')", "json_extract(data, '$.note')"],
  read: row => ({
    id: row.id,
    // What it was of, on and off may be gone since; that it was printed is not.
    print: {
      ...kept(PrintEntry, row.data),
      partId: row.part_id,
      printerId: row.printer_id,
      spoolId: row.spool_id,
    },
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
  written: async ({ t, key, content, revision, now }) => {
    if (revision > 1) await offSpools(t, key, now);
    if (content.outcome !== 'timed') await ontoSpool(t, key, content, now);
  },
  removed: offSpools,
};
