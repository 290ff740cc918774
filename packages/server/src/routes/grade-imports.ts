import { raw, Router } from 'express';
import type { Knex } from 'knex';
import { holdingGate } from '../db/write-gate.js';
import type { Jobs } from '../jobs/jobs.js';
import { send } from './send.js';
import { drop, wantedFlag } from '../jobs/wanted.js';

/** Largest table of grades that is taken, bytes: some twenty thousand. */
export const IMPORT_LIMIT = 32 * 1024 * 1024;

/** /grades/import and /grades/imports: whole tables of grades, all or nothing, and taken back. */
export function gradeImportRoutes(db: Knex, jobs: Jobs, now: () => string): Router {
  const router = Router();
  // The body is read in the thread that writes it.
  router.post('/import', raw({ limit: IMPORT_LIMIT, type: () => true }), async (req, res) => {
    const wanted = wantedFlag();
    res.on('close', () => {
      if (!res.writableFinished) drop(wanted);
    });
    const body = Buffer.isBuffer(req.body) ? new Uint8Array(req.body) : new Uint8Array();
    const input = { body, now: now(), wanted };
    send(res, await holdingGate(db, () => jobs.run('heavy', 'importGrades', input)));
  });
  router.post('/imports/:id/undo', async (req, res) => {
    const input = { id: req.params.id, now: now() };
    send(res, await holdingGate(db, () => jobs.run('heavy', 'undoImport', input)));
  });
  return router;
}
