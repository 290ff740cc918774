import type { Knex } from 'knex';
import { Router } from 'express';
import type { Jobs } from '../jobs/jobs.js';
import { documentRoutes } from './documents.js';
import { send } from './send.js';

/** /grades: named products on top of families, and tables of them out. */
export function gradeRoutes(db: Knex, jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.get('/export.:ending', async (req, res) => {
    const { ending } = req.params;
    const answer = await jobs.run('reading', 'exportGrades', { ending });
    res.attachment(`hornblende-grades.${ending}`);
    send(res, answer);
  });
  router.use(documentRoutes('grades', db, jobs, now));
  return router;
}
