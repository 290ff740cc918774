import { Router } from 'express';
import { holdingGate } from '../db/write-gate.js';
import { HttpProblem } from '../lib/errors.js';
import type { LongJobs } from './long-jobs.js';
import { copyLookedThrough, workshopLookedThrough } from '../workplace/look-through.js';
import { restoreInto } from '../workplace/restore.js';
import type { Workplace } from '../workplace/workplace.js';

/** /backups: made, listed, put in place of what is there; and /backups/verify: every record read through. */
export function backupRoutes(workplace: Workplace, long: LongJobs, now: () => string): Router {
  const { backups, jobs, db } = workplace;
  const router = Router();
  router.get('/', (_req, res) => {
    res.json(backups.list());
  });
  router.post('/', async (req, res) => {
    await long.answer(req, res, () => backups.make('demand'), 201);
  });
  router.get('/verify', async (req, res) => {
    await long.answer(req, res, how => workshopLookedThrough(jobs, how));
  });
  router.post('/:name/restore', async (req, res) => {
    const path = backups.pathOf(req.params.name);
    const { problems } = await copyLookedThrough(jobs, path, false);
    if (problems.length)
      throw new HttpProblem(409, [
        {
          field: 'backup',
          value: req.params.name,
          message: `is damaged itself (${problems[0]}); choose another`,
        },
      ]);
    await holdingGate(db, () =>
      restoreInto(workplace.file, {
        prepare: copy => jobs.run('checking', 'prepareRestore', { backup: path, copy, now: now() }),
        swapped: putInPlace => workplace.replace(putInPlace),
      }),
    );
    workplace.journal.write('restored', req.params.name);
    res.json({ restored: req.params.name });
  });
  return router;
}
