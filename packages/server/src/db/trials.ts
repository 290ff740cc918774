import type { Knex } from 'knex';
import { familyByKey, parseTrial, type StoredTrial, type Trial } from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

interface TrialRow extends RevisionedRow {
  id: string;
  part_id: string | null;
  name: string;
  data: string;
  created_at: string;
}

const kind: DocumentKind<Trial, StoredTrial, TrialRow> = {
  name: 'trial',
  table: 'trials',
  keyColumn: 'id',
  dated: true,
  order: { columns: ['created_at', 'id'], direction: 'desc' },
  read: row => ({
    id: row.id,
    // The part may be gone since; the trial is not.
    trial: { ...parseTrial(JSON.parse(row.data)), partId: row.part_id },
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: trial => ({ part_id: trial.partId, name: trial.name, data: JSON.stringify(trial) }),
  check: requireThings,
};

async function requireThings(db: Knex, { partId, entrants }: Trial, before: TrialRow | null): Promise<void> {
  const problems: { field: string; value: unknown; message: string }[] = [];
  if (partId !== null && !(await db('parts').where({ id: partId }).first('id')))
    problems.push({ field: 'trial.partId', value: partId, message: 'is not in this workshop' });
  // What was tried once stays, even where its grade is gone from the library.
  const known = new Set(before ? parseTrial(JSON.parse(before.data)).entrants.map(e => e.material) : []);
  for (const [i, { material }] of entrants.entries()) {
    if (familyByKey(material) || known.has(material)) continue;
    if (!(await db('grades').where({ key: material }).first('key')))
      problems.push({
        field: `trial.entrants[${i}].material`,
        value: material,
        message: 'is neither a family nor a grade of this library',
      });
  }
  if (problems.length) throw new HttpProblem(400, problems);
}

/** The trials. */
export class TrialStore extends RevisionedStore<Trial, StoredTrial, TrialRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
