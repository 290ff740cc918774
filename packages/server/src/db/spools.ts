import type { Knex } from 'knex';
import { familyByKey, parseSpool, type Spool, type StoredSpool } from '@hornblende/core';
import { HttpProblem } from '../http/errors.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

interface SpoolRow extends RevisionedRow {
  id: string;
  material: string;
  data: string;
  created_at: string;
}

const kind: DocumentKind<Spool, StoredSpool, SpoolRow> = {
  name: 'spool',
  table: 'spools',
  keyColumn: 'id',
  dated: true,
  order: [{ column: 'material' }, { column: 'created_at' }, { column: 'id' }],
  read: row => ({
    id: row.id,
    spool: parseSpool(JSON.parse(row.data)),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: spool => ({ material: spool.material, data: JSON.stringify(spool) }),
  check: async (db, { material }) => {
    if (familyByKey(material) || (await db('grades').where({ key: material }).first('key'))) return;
    throw new HttpProblem(400, [
      {
        field: 'spool.material',
        value: material,
        message: 'is neither a family nor a grade of this library',
      },
    ]);
  },
};

/** The shelf. */
export class SpoolStore extends RevisionedStore<Spool, StoredSpool, SpoolRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
