import { InputError, parseGrade, type ImportItem, type Problem } from '@hornblende/core';
import { Router } from 'express';
import type { GradeImports } from '../db/grade-imports.js';
import { within } from '../http/split.js';

/** Grades checked in one go before other requests get a turn. */
const SLICE = 250;
/** Problems told of one refused import. */
const TOLD = 50;

/** /grades/import and /grades/imports: whole tables of grades, all or nothing, and taken back. */
export function gradeImportRoutes(imports: GradeImports, now: () => string): Router {
  const router = Router();
  // Every row is read before one is written, in one transaction, which is dropped when whoever sent it goes away.
  router.post('/import', async (req, res) => {
    let gone = false;
    res.on('close', () => {
      gone = !res.writableFinished;
    });
    const items = await readItems(req.body, () => !gone);
    if (gone) return;
    res.json(await imports.write(items, now(), () => !gone));
  });
  router.post('/imports/:id/undo', async (req, res) => {
    res.json(await imports.undo(req.params.id, now()));
  });
  return router;
}

/** @throws InputError naming every row that cannot be used */
async function readItems(body: unknown, wanted: () => boolean): Promise<ImportItem[]> {
  const list = (body as { grades?: unknown } | null)?.grades;
  if (!Array.isArray(list))
    throw new InputError([
      { field: 'grades', value: list ?? null, message: 'must be a list of { grade, revision }' },
    ]);
  const items: ImportItem[] = [];
  const problems: Problem[] = [];
  const seen = new Set<string>();
  for (const [i, entry] of (list as unknown[]).entries()) {
    if (i % SLICE === 0) {
      await new Promise(resolve => setImmediate(resolve));
      if (!wanted()) return [];
    }
    try {
      const item = readItem(`grades[${i}]`, entry);
      if (seen.has(item.grade.key))
        throw bad(`grades[${i}].key`, item.grade.key, 'stands in the list already');
      seen.add(item.grade.key);
      items.push(item);
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      problems.push(...e.problems);
    }
  }
  if (problems.length) throw new InputError(problems.slice(0, TOLD));
  if (!items.length) throw bad('grades', [], 'must hold at least one grade');
  return items;
}

/** @throws InputError */
function readItem(field: string, entry: unknown): ImportItem {
  const plain = (typeof entry === 'object' && entry !== null ? entry : {}) as Record<string, unknown>;
  const grade = within(field, () => parseGrade(plain.grade));
  const revision = plain.revision ?? null;
  const fits = typeof revision === 'number' && Number.isInteger(revision) && revision >= 1;
  if (revision !== null && !fits)
    throw bad(`${field}.revision`, revision, 'must be a revision, or null for a grade that is new');
  return { grade, revision: revision as number | null };
}

function bad(field: string, value: unknown, message: string): InputError {
  return new InputError([{ field, value, message }]);
}
