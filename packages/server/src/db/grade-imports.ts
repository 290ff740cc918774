import { randomUUID } from 'node:crypto';
import type { Knex } from 'knex';
import type { ImportItem, ImportResult, ImportUndone } from '@hornblende/core/api';
import type { Grade } from '@hornblende/core/formats';
import { parseGrade } from '@hornblende/core/materials';
import { HttpProblem, notFound } from '../lib/errors.js';
import { referrerOf } from './check-references.js';
import { keyText, summed, updateRecord } from './kind.js';
import { gradeColumns, grades, readGradeRow, type GradeRow } from './kinds/grades.js';
import { recordKinds } from './kinds/index.js';
import { writing } from './write-gate.js';

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
/** Conflicts told of one refused import. */
const MOST_CONFLICTS_LISTED = 20;

/** Whole tables of grades, written and taken back as one. */
export class GradeImports {
  constructor(private readonly db: Knex) {}

  /**
   * Writes a whole table of grades, or nothing of it.
   * @param wanted asked before the end; false takes everything back, because whoever sent it has gone
   * @throws HttpProblem 409 naming the grades that changed since they were previewed
   */
  async write(
    items: readonly ImportItem[],
    now: string,
    wanted: () => boolean = () => true,
  ): Promise<ImportResult> {
    const id = randomUUID();
    await writing(this.db, async t => {
      const current = new Map((await t<GradeRow>('grades')).map(r => [r.key, r]));
      refuseMoved(items, current);
      const rows = items.map(i =>
        summed(grades, {
          key: i.grade.key,
          ...gradeColumns(i.grade),
          revision: revisionAfter(i),
          updated_at: now,
        }),
      );
      for (let k = 0; k < rows.length; k += CHUNK)
        await t<GradeRow>('grades')
          .insert(rows.slice(k, k + CHUNK))
          .onConflict('key')
          .merge();
      const before = items.map((i): Before => {
        const row = current.get(i.grade.key);
        return { key: i.grade.key, before: row ? readGradeRow(row).grade : null, revision: revisionAfter(i) };
      });
      await t<ImportRow>('grade_imports').insert({ id, at: now, before: JSON.stringify(before) });
      if (!wanted())
        throw new HttpProblem(499, [
          { field: '(request)', value: null, message: 'was cancelled; nothing was written' },
        ]);
    });
    const added = items.filter(i => i.revision === null).length;
    return { id, added, changed: items.length - added };
  }

  /**
   * Takes an import back. Grades that were changed since, or that something else names by now, are left as they are,
   * and named with the reason. @throws HttpProblem 404
   */
  async undo(id: string, now: string): Promise<ImportUndone> {
    return writing(this.db, async t => {
      const row = await t<ImportRow>('grade_imports').where({ id }).first();
      if (!row) throw notFound('import', id);
      const left: ImportUndone['left'] = [];
      let restored = 0;
      for (const before of JSON.parse(row.before) as Before[]) {
        const why = await takenBack(t, before, now);
        if (why === null) restored++;
        else left.push({ what: before.key, why });
      }
      await t<ImportRow>('grade_imports').where({ id }).delete();
      return { restored, left };
    });
  }
}

/** Takes one grade back. @returns null, or why it stays as it is */
async function takenBack(t: Knex.Transaction, b: Before, now: string): Promise<string | null> {
  const row = await t<GradeRow>('grades').where({ key: b.key }).first();
  if (!row) return 'it is gone already';
  if (row.revision !== b.revision) return 'it was changed since';
  if (b.before) {
    const columns = gradeColumns(parseGrade(b.before));
    await updateRecord(t, grades, { key: b.key, ...columns, revision: b.revision + 1, updated_at: now });
    return null;
  }
  const by = await referrerOf(t, recordKinds, 'grades', b.key);
  if (by) return `${by.kind.one} ${keyText(by.kind, by.row)} names it (${by.kind.title(by.row)})`;
  await t<GradeRow>('grades').where({ key: b.key }).delete();
  return null;
}

function revisionAfter(item: ImportItem): number {
  return (item.revision ?? 0) + 1;
}

/** @throws HttpProblem 409 */
function refuseMoved(items: readonly ImportItem[], current: ReadonlyMap<string, GradeRow>): void {
  const moved = items.filter(i => (current.get(i.grade.key)?.revision ?? null) !== i.revision);
  if (!moved.length) return;
  throw new HttpProblem(
    409,
    moved.slice(0, MOST_CONFLICTS_LISTED).map(i => ({
      field: i.grade.key,
      value: i.revision,
      message: 'was saved from elsewhere since the preview; preview the file again',
    })),
  );
}
