import type { Knex } from 'knex';
import { parseFault, type Fault, type StoredFault } from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

interface FaultRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  cause: string | null;
  at: string;
  data: string;
  created_at: string;
}

const kind: DocumentKind<Fault, StoredFault, FaultRow> = {
  name: 'fault',
  table: 'faults',
  keyColumn: 'id',
  dated: true,
  order: { columns: ['at', 'id'], direction: 'desc' },
  read: row => {
    const fault = parseFault(JSON.parse(row.data));
    return {
      id: row.id,
      // The part may be gone since; what was learnt is not.
      fault: { ...fault, of: { ...fault.of, partId: row.part_id } },
      revision: row.revision,
      updatedAt: row.updated_at,
    };
  },
  columns: (fault, before, now) => ({
    part_id: fault.of.partId,
    cause: fault.end?.cause ?? null,
    at: fault.at ?? before?.at ?? now,
    // What other faults were is counted anew each time, never kept with one.
    data: JSON.stringify({ ...fault, history: {} }),
  }),
  check: requirePart,
};

async function requirePart(db: Knex, { of: { partId } }: Fault): Promise<void> {
  if (partId === null || (await db('parts').where({ id: partId }).first('id'))) return;
  throw new HttpProblem(400, [
    { field: 'fault.of.partId', value: partId, message: 'is not in this workshop' },
  ]);
}

/** The faults. */
export class FaultStore extends RevisionedStore<Fault, StoredFault, FaultRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
