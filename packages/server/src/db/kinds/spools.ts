import type { StoredSpool } from '@hornblende/core/api';
import { parseSpool, Spool } from '@hornblende/core/formats';
import type { Problem } from '@hornblende/core/input';
import { familyByKey, gradeFamily, type Family } from '@hornblende/core/materials';
import { ledgerProblems } from '@hornblende/core/workshop';
import type { Knex } from 'knex';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { readGradeRow, type GradeRow } from './grades.js';
import { kept, parsed, text } from './fields.js';
import { forgetSpool } from './trials.js';

/** A spool's row. */
export interface SpoolRow extends RevisionedRow {
  id: string;
  material: string;
  data: string;
  created_at: string;
}

/** The shelf. */
export const spools: DocumentKind<Spool, StoredSpool, SpoolRow> = {
  name: 'spools',
  one: 'spool',
  table: 'spools',
  key: ['id'],
  json: ['data'],
  references: [{ column: 'material', field: 'material', to: 'grades', gone: 'holds it' }],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: row => `a spool of ${text(row, 'material')}`,
  check: row => void parseSpool(parsed(row, 'data')),
  path: '/spools',
  plain: true,
  body: {
    name: 'spool',
    Envelope: DocumentEnvelope,
    fields: Spool,
    read: plain => within('spool', () => parseSpool(plain)),
  },
  dated: true,
  order: { columns: ['material', 'created_at', 'id'], direction: 'asc' },
  searched: ['material', "json_extract(data, '$.colour')", "json_extract(data, '$.code')"],
  read: row => ({
    id: row.id,
    spool: kept(Spool, row.data),
    revision: row.revision,
    updatedAt: row.updated_at,
  }),
  columns: spool => ({ material: spool.material, data: JSON.stringify(spool) }),
  problems: async (t, spool, before) => {
    // By the clock, not by when it is said to be written: the demo is entered as of earlier days.
    const now = new Date().toISOString();
    const family = await materialOf(t, spool.material);
    const problems = [...(await codeTaken(t, spool, before)), ...ledgerProblems(spool, family, now)];
    return problems.map(p => ({ ...p, field: `spool.${p.field}` }));
  },
  removed: forgetSpool,
};

/** The family or grade of a key; null where there is none. */
export async function materialOf(t: Knex, key: string): Promise<Family | null> {
  const family = familyByKey(key);
  if (family) return family;
  const row = (await t('grades').where({ key }).first()) as GradeRow | undefined;
  return row ? gradeFamily(readGradeRow(row).grade) : null;
}

/** A code names one spool in use: scanned, it must not open another. */
async function codeTaken(t: Knex, { code, archived }: Spool, before: SpoolRow | null): Promise<Problem[]> {
  if (!code || archived) return [];
  const other = (await t<SpoolRow>('spools')
    .whereNot({ id: before?.id ?? '' })
    .whereRaw("json_extract(data, '$.code') = ? and not json_extract(data, '$.archived')", [code])
    .first('id')) as { id: string } | undefined;
  return other ? [{ field: 'code', value: code, message: 'is on another spool that is in use' }] : [];
}
