import type { Knex } from 'knex';
import {
  familyByKey,
  gradeFamily,
  ledgerProblems,
  parseSpool,
  Spool,
  type Family,
  type Problem,
  type StoredSpool,
} from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { readGradeRow, type GradeRow } from './grades.js';
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
  order: { columns: ['material', 'created_at', 'id'], direction: 'asc' },
  read: row => ({
    id: row.id,
    spool: readSpool(JSON.parse(row.data)),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: spool => ({ material: spool.material, data: JSON.stringify(spool) }),
  check: async (db, spool, before) => {
    const family = familyByKey(spool.material) ?? (await gradeOf(db, spool.material));
    const problems = [
      ...(family ? [] : [unknownMaterial(spool.material)]),
      ...(await codeTaken(db, spool, before)),
      ...ledgerProblems(spool, family, new Date().toISOString()),
    ];
    if (problems.length)
      throw new HttpProblem(
        400,
        problems.map(p => ({ ...p, field: `spool.${p.field}` })),
      );
  },
};

const fields = Object.keys(new Spool());

/**
 * A stored spool. It was read by the core's parser when it was written; a ledger of hundreds of lines must not be
 * checked again for every list, only where an older version left a field out.
 */
function readSpool(plain: unknown): Spool {
  const complete = typeof plain === 'object' && plain !== null && fields.every(f => Object.hasOwn(plain, f));
  return complete ? (plain as Spool) : parseSpool(plain);
}

async function gradeOf(db: Knex, key: string): Promise<Family | null> {
  const row = (await db('grades').where({ key }).first()) as GradeRow | undefined;
  return row ? gradeFamily(readGradeRow(row).grade) : null;
}

function unknownMaterial(material: string): Problem {
  return {
    field: 'material',
    value: material,
    message: 'is neither a family nor a grade of this library',
  };
}

/** A code names one spool in use: scanned, it must not open another. */
async function codeTaken(db: Knex, { code, archived }: Spool, before: SpoolRow | null): Promise<Problem[]> {
  if (!code || archived) return [];
  const others = (await db<SpoolRow>('spools')
    .whereNot({ id: before?.id ?? '' })
    .whereRaw("json_extract(data, '$.code') = ? and not json_extract(data, '$.archived')", [code])
    .first('id')) as { id: string } | undefined;
  return others ? [{ field: 'code', value: code, message: 'is on another spool that is in use' }] : [];
}

/** The shelf. */
export class SpoolStore extends RevisionedStore<Spool, StoredSpool, SpoolRow> {
  constructor(db: Knex) {
    super(db, kind);
  }
}
