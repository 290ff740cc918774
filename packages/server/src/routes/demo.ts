import { Router } from 'express';
import type { Jobs } from '../jobs/jobs.js';
import { send } from './send.js';

/** /demo: lays the demo out in an empty workshop. */
export function demoRoutes(jobs: Jobs): Router {
  const router = Router();
  router.post('/', async (_req, res) => {
    send(res, await jobs.run('heavy', 'layOutDemo', null));
  });
  return router;
}
