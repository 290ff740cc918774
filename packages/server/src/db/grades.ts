import type { Knex } from 'knex';
import type { Grade, StoredGrade } from '@hornblende/core';
import { HttpProblem } from '../lib/errors.js';
import { RevisionedStore, type DocumentKind, type RevisionedRow } from './revisioned-store.js';

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

const kind: DocumentKind<Grade, StoredGrade, GradeRow> = {
  name: 'grade',
  table: 'grades',
  keyColumn: 'key',
  dated: false,
  order: { columns: ['key'], direction: 'asc' },
  read: readGradeRow,
  columns: gradeColumns,
  keyOf: grade => grade.key,
  check: (_db, grade, before) => {
    if (before && before.key !== grade.key)
      throw new HttpProblem(400, [
        {
          field: 'grade.key',
          value: grade.key,
          message: `must stay ${before.key}: spools and records name the grade by it`,
        },
      ]);
    return Promise.resolve();
  },
};

/** Named grades in the database, by key. */
export class GradeStore extends RevisionedStore<Grade, StoredGrade, GradeRow> {
  constructor(db: Knex) {
    super(db, kind);
  }

  /** Grades that take part in rankings. */
  async active(): Promise<Grade[]> {
    return (await this.all(query => query.where({ archived: 0 }))).map(g => g.grade);
  }

  /**
   * Removes a grade for good.
   * @throws HttpProblem 404; 409 while it is in use or spools name it
   */
  override async remove(key: string): Promise<void> {
    const { archived } = await this.row(key);
    const refuse = (message: string): HttpProblem =>
      new HttpProblem(409, [{ field: 'grade', value: key, message }]);
    if (!archived) throw refuse('is still in use; put it away before deleting it for good');
    if (await this.db('spools').where({ material: key }).first('id'))
      throw refuse('is named by a spool on the shelf; delete that first, or leave the grade put away');
    await super.remove(key);
  }
}
