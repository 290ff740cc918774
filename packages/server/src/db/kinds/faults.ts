import type { StoredFault } from '@hornblende/core/api';
import { parseFault, Fault } from '@hornblende/core/formats';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { dated, kept, parsed } from './fields.js';

/** A fault’s row. */
export interface FaultRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  print_id: string | null;
  printer_id: string | null;
  spool_id: string | null;
  cause: string | null;
  at: string;
  data: string;
  created_at: string;
}

/** Faults: what went wrong and what it was, the newest first. */
export const faults: DocumentKind<Fault, StoredFault, FaultRow> = {
  name: 'faults',
  one: 'fault',
  table: 'faults',
  key: ['id'],
  json: ['data'],
  references: [
    { column: 'part_id', field: 'of.partId', to: 'parts', gone: 'forgotten' },
    { column: 'print_id', field: 'of.printId', to: 'prints', gone: 'forgotten' },
    { column: 'printer_id', field: 'of.printerId', to: 'printers', gone: 'forgotten' },
    { column: 'spool_id', field: 'of.spoolId', to: 'spools', gone: 'forgotten' },
  ],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: dated('a fault of', 'at'),
  check: row => void parseFault(parsed(row, 'data')),
  path: '/faults',
  plain: true,
  body: {
    name: 'fault',
    Envelope: DocumentEnvelope,
    fields: Fault,
    read: plain => within('fault', () => parseFault(plain)),
  },
  dated: true,
  order: { columns: ['at', 'id'], direction: 'desc' },
  searched: ["json_extract(data, '$.of.name')", 'cause'],
  read: row => {
    const fault = kept(Fault, row.data);
    // What it was of may be gone since; what was learnt is not.
    const of = {
      ...fault.of,
      partId: row.part_id,
      printId: row.print_id,
      printerId: row.printer_id,
      spoolId: row.spool_id,
    };
    return { id: row.id, fault: { ...fault, of }, revision: row.revision, updatedAt: row.updated_at };
  },
  columns: (fault, before, now) => ({
    part_id: fault.of.partId,
    print_id: fault.of.printId,
    printer_id: fault.of.printerId,
    spool_id: fault.of.spoolId,
    cause: fault.end?.cause ?? null,
    at: fault.at ?? before?.at ?? now,
    // What other faults were is counted anew each time, never kept with one.
    data: JSON.stringify({ ...fault, history: {} }),
  }),
};
