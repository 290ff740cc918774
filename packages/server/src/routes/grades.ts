import { Router } from 'express';
import { InputError, parseGrade, type Problem } from '@hornblende/core';
import { writeGradesCsv, writeGradesJson } from '@hornblende/core/tables';
import type { GradeRepository, ImportItem } from '../db/grades.js';
import { GradeEnvelope } from '../inputs.js';
import { revisionOf } from './parts.js';
import { split, within } from './split.js';

/** Grades checked in one go before other requests get a turn. */
const SLICE = 250;
/** Problems told of one refused import. */
const TOLD = 50;

/** /grades: named products on top of families, and tables of them in and out. */
export function gradeRoutes(grades: GradeRepository, now: () => string): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await grades.list());
  });

  router.get('/export.csv', async (_req, res) => {
    res
      .type('text/csv')
      .attachment('hornblende-grades.csv')
      .send(writeGradesCsv((await grades.list()).map(g => g.grade)));
  });
  router.get('/export.json', async (_req, res) => {
    res
      .type('application/json')
      .attachment('hornblende-grades.json')
      .send(writeGradesJson((await grades.list()).map(g => g.grade)));
  });

  // All or nothing: every row is read before one is written, in one transaction, which is dropped when whoever sent it goes away.
  router.post('/import', async (req, res) => {
    let gone = false;
    res.on('close', () => {
      gone = !res.writableFinished;
    });
    const items = await readItems(req.body, () => !gone);
    if (gone) return;
    res.json(await grades.import(items, now(), () => !gone));
  });
  router.post('/imports/:id/undo', async (req, res) => {
    res.json(await grades.undoImport(req.params.id, now()));
  });

  router.post('/', async (req, res) => {
    const { taken } = split(req.body, GradeEnvelope, 'grade');
    res.status(201).json(
      await grades.create(
        within('grade', () => parseGrade(taken.grade)),
        now(),
      ),
    );
  });
  router.get('/:key', async (req, res) => {
    res.json(await grades.get(req.params.key));
  });
  router.put('/:key', async (req, res) => {
    const { rest, taken } = split(req.body, GradeEnvelope, 'grade');
    res.json(
      await grades.update(
        req.params.key,
        within('grade', () => parseGrade(taken.grade)),
        revisionOf(rest.revision),
        now(),
      ),
    );
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
    const { grade: plain, revision = null } = (typeof entry === 'object' && entry !== null ? entry : {}) as {
      grade?: unknown;
      revision?: unknown;
    };
    try {
      const grade = within(`grades[${i}]`, () => parseGrade(plain));
      if (revision !== null && (typeof revision !== 'number' || !Number.isInteger(revision) || revision < 1))
        throw new InputError([
          {
            field: `grades[${i}].revision`,
            value: revision,
            message: 'must be a revision, or null for a grade that is new',
          },
        ]);
      if (seen.has(grade.key))
        throw new InputError([
          { field: `grades[${i}].key`, value: grade.key, message: 'stands in the list already' },
        ]);
      seen.add(grade.key);
      items.push({ grade, revision });
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
      problems.push(...e.problems);
    }
  }
  if (problems.length) throw new InputError(problems.slice(0, TOLD));
  if (!items.length)
    throw new InputError([{ field: 'grades', value: [], message: 'must hold at least one grade' }]);
  return items;
}
