import { Router } from 'express';
import type { Knex } from 'knex';
import { holdingGate } from '../db/write-gate.js';
import type { Jobs } from '../jobs/jobs.js';
import { send } from './send.js';
import { takesTable } from './table-import.js';

/** /grades/import and /grades/imports: whole tables of grades, all or nothing, and taken back. */
export function gradeImportRoutes(db: Knex, jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.post('/import', ...takesTable(db, jobs, 'importGrades', now));
  router.post('/imports/:id/undo', async (req, res) => {
    const input = { id: req.params.id, now: now() };
    send(res, await holdingGate(db, () => jobs.run('heavy', 'undoImport', input)));
  });
  return router;
}
