import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import { parseGrade, type Grade } from '@hornblende/core';
import { HttpProblem, notFound, staleWrite } from '../errors.js';

/** A grade as the API gives it. */
export interface StoredGrade {
  grade: Grade;
  revision: number;
  updatedAt: string;
}

/** One grade of an import: with the revision it was previewed against, or null where there was none. */
export interface ImportItem {
  grade: Grade;
  revision: number | null;
}

/** What an import did; `id` takes it back. */
export interface ImportResult {
  id: string;
  added: number;
  changed: number;
}

interface GradeRow {
  key: string;
  family: string;
  name: string;
  data: string;
  archived: number;
  revision: number;
  updated_at: string;
}
interface ImportRow {
  id: string;
  at: string;
  before: string;
}
/** A grade before an import (null where it was added), and the revision that the import left. */
interface Before {
  key: string;
  before: Grade | null;
  revision: number;
}

/** Rows written in one statement: SQLite takes only so many values at once. */
const CHUNK = 100;

/** Stored grades were read by the core's parser when they were written; reading ten thousand must not check them again. */
function toGrade(row: GradeRow): StoredGrade {
  return { grade: JSON.parse(row.data) as Grade, revision: row.revision, updatedAt: row.updated_at };
}
function columns(g: Grade, now: string): Omit<GradeRow, 'revision'> {
  return {
    key: g.key,
    family: g.family,
    name: g.name,
    data: JSON.stringify(g),
    archived: g.archived ? 1 : 0,
    updated_at: now,
  };
}

/** Named grades in the database, by key. A write names the revision it was made from. */
export class GradeRepository {
  constructor(private readonly db: Knex) {}

  async list(): Promise<StoredGrade[]> {
    return (await this.db<GradeRow>('grades').orderBy('key')).map(toGrade);
  }

  /** Grades that take part in rankings. */
  async active(): Promise<Grade[]> {
    return (await this.db<GradeRow>('grades').where({ archived: 0 }).orderBy('key')).map(
      r => toGrade(r).grade,
    );
  }

  /** @throws HttpProblem 404 */
  async get(key: string): Promise<StoredGrade> {
    const row = await this.db<GradeRow>('grades').where({ key }).first();
    if (!row) throw notFound('grade', key);
    return toGrade(row);
  }

  /** @throws HttpProblem 409 when the key is taken */
  async create(grade: Grade, now: string): Promise<StoredGrade> {
    if (await this.db<GradeRow>('grades').where({ key: grade.key }).first())
      throw new HttpProblem(409, [{ field: 'key', value: grade.key, message: 'is taken by another grade' }]);
    await this.db<GradeRow>('grades').insert({ ...columns(grade, now), revision: 1 });
    return this.get(grade.key);
  }

  /** @throws HttpProblem 409 with `current` when someone else saved since `revision` */
  async update(key: string, grade: Grade, revision: number, now: string): Promise<StoredGrade> {
    await this.get(key);
    if (grade.key !== key)
      throw new HttpProblem(400, [
        {
          field: 'grade.key',
          value: grade.key,
          message: `must stay ${key}: spools and records name the grade by it`,
        },
      ]);
    const changed = await this.db<GradeRow>('grades')
      .where({ key, revision })
      .update({ ...columns(grade, now), revision: revision + 1 });
    const current = await this.get(key);
    if (!changed) throw staleWrite(revision, current);
    return current;
  }

  /**
   * Writes a whole table of grades, or nothing of it.
   * @param wanted asked before the end; false takes everything back, because whoever sent it has gone
   * @throws HttpProblem 409 naming the grades that changed since they were previewed
   */
  async import(
    items: readonly ImportItem[],
    now: string,
    wanted: () => boolean = () => true,
  ): Promise<ImportResult> {
    const id = randomUUID();
    return this.db.transaction(async t => {
      const current = new Map((await t<GradeRow>('grades')).map(r => [r.key, r]));
      const moved = items.filter(i => (current.get(i.grade.key)?.revision ?? null) !== i.revision);
      if (moved.length)
        throw new HttpProblem(
          409,
          moved.slice(0, 20).map(i => ({
            field: i.grade.key,
            value: i.revision,
            message: 'was saved from elsewhere since the preview; preview the file again',
          })),
        );
      const before: Before[] = items.map(i => {
        const row = current.get(i.grade.key);
        return { key: i.grade.key, before: row ? toGrade(row).grade : null, revision: (i.revision ?? 0) + 1 };
      });
      const rows = items.map(i => ({ ...columns(i.grade, now), revision: (i.revision ?? 0) + 1 }));
      for (let k = 0; k < rows.length; k += CHUNK)
        await t<GradeRow>('grades')
          .insert(rows.slice(k, k + CHUNK))
          .onConflict('key')
          .merge();
      await t<ImportRow>('grade_imports').insert({ id, at: now, before: JSON.stringify(before) });
      if (!wanted())
        throw new HttpProblem(499, [
          { field: '(request)', value: null, message: 'was cancelled; nothing was written' },
        ]);
      return {
        id,
        added: items.filter(i => i.revision === null).length,
        changed: items.filter(i => i.revision !== null).length,
      };
    });
  }

  /** Takes an import back. Grades that were changed since are left as they are, and named. @throws HttpProblem 404 */
  async undoImport(id: string, now: string): Promise<{ restored: number; left: string[] }> {
    return this.db.transaction(async t => {
      const row = await t<ImportRow>('grade_imports').where({ id }).first();
      if (!row) throw notFound('import', id);
      const left: string[] = [];
      let restored = 0;
      for (const b of JSON.parse(row.before) as Before[]) {
        const query = t<GradeRow>('grades').where({ key: b.key, revision: b.revision });
        const n = b.before
          ? await query.update({ ...columns(parseGrade(b.before), now), revision: b.revision + 1 })
          : await query.delete();
        if (n) restored++;
        else left.push(b.key);
      }
      await t<ImportRow>('grade_imports').where({ id }).delete();
      return { restored, left };
    });
  }
}
