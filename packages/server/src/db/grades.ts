import type { StoredGrade } from '@hornblende/core/api';
import type { Grade } from '@hornblende/core/formats';
import type { Knex } from 'knex';
import { grades, type GradeRow } from './kinds/grades.js';
import { RevisionedStore } from './revisioned-store.js';

/** Named grades in the database, by key. */
export class GradeStore extends RevisionedStore<Grade, StoredGrade, GradeRow> {
  constructor(db: Knex) {
    super(db, grades);
  }

  /** Grades that take part in rankings. */
  async active(): Promise<Grade[]> {
    return (await this.all(query => query.where({ archived: 0 }))).map(g => g.grade);
  }
}
