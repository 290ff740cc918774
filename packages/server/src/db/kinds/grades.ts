import type { StoredGrade } from '@hornblende/core/api';
import type { Grade } from '@hornblende/core/formats';
import { parseGrade } from '@hornblende/core/materials';
import { DocumentEnvelope } from '../../lib/envelopes.js';
import { within } from '../../lib/split.js';
import type { DocumentKind, RevisionedRow } from '../document-kind.js';
import { parsed, titled } from './fields.js';

/** A grade's row. */
export interface GradeRow extends RevisionedRow {
  key: string;
  family: string;
  name: string;
  data: string;
  archived: number;
}

/** The columns that a grade sets. */
export function gradeColumns(g: Grade): Omit<GradeRow, keyof RevisionedRow | 'key'> {
  return { family: g.family, name: g.name, data: JSON.stringify(g), archived: g.archived ? 1 : 0 };
}

/**
 * A stored grade. It was read by the core's parser when it was written; reading ten thousand must not check them
 * again.
 */
export function readGradeRow(row: GradeRow): StoredGrade {
  return { grade: JSON.parse(row.data) as Grade, revision: row.revision, updatedAt: row.updated_at };
}

/** Named grades, by key. */
export const grades: DocumentKind<Grade, StoredGrade, GradeRow> = {
  name: 'grades',
  one: 'grade',
  table: 'grades',
  key: ['key'],
  json: ['data'],
  writtenAt: ['updated_at'],
  revisioned: true,
  title: titled('name'),
  check: row => void parseGrade(parsed(row, 'data')),
  path: '/grades',
  body: {
    name: 'grade',
    Envelope: DocumentEnvelope,
    fields: 'Grade',
    read: plain => within('grade', () => parseGrade(plain)),
  },
  dated: false,
  order: { columns: ['key'], direction: 'asc' },
  searched: ['name', 'key'],
  read: readGradeRow,
  columns: gradeColumns,
  keyOf: grade => grade.key,
  problems: (_t, { key }, before) =>
    Promise.resolve(
      before && before.key !== key
        ? [
            {
              field: 'grade.key',
              value: key,
              message: `must stay ${before.key}: spools and records name the grade by it`,
            },
          ]
        : [],
    ),
  mayNotGo: async (t, { key, archived }) => {
    const no = (message: string): { field: string; value: string; message: string } => ({
      field: 'grade',
      value: key,
      message,
    });
    if (!archived) return no('is still in use; put it away before deleting it for good');
    if (await t('spools').where({ material: key }).first('id'))
      return no('is named by a spool on the shelf; delete that first, or leave the grade put away');
    return null;
  },
};
