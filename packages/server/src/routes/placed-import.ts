import { MOST_PLACED_AT_ONCE } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { Router } from 'express';
import type { Knex } from 'knex';
import { holdingGate } from '../db/write-gate.js';
import type { Jobs } from '../jobs/jobs.js';
import { send } from './send.js';
import { takesTable } from './table-import.js';

/** The ids of parts that are named. @throws InputError */
function idsIn(body: unknown): string[] {
  const { ids } = (typeof body === 'object' && body !== null ? body : {}) as { ids?: unknown };
  const fits =
    Array.isArray(ids) && ids.length <= MOST_PLACED_AT_ONCE && ids.every(id => typeof id === 'string');
  if (!fits)
    throw new InputError([
      {
        field: 'ids',
        value: ids ?? null,
        message: `must be a list of at most ${MOST_PLACED_AT_ONCE} ids of parts`,
      },
    ]);
  return ids as string[];
}

/** /service/import: whole tables of parts in service, all or nothing, and taken back. */
export function placedImportRoutes(db: Knex, jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.post('/import', ...takesTable(db, jobs, 'importPlaced', now));
  router.post('/import/undo', async (req, res) => {
    const ids = idsIn(req.body);
    send(res, await holdingGate(db, () => jobs.run('heavy', 'undoPlaced', { ids, now: now() })));
  });
  return router;
}
