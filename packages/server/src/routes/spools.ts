import { Router } from 'express';
import { parseSpool } from '@hornblende/core';
import type { SpoolRepository } from '../db/spools.js';
import { SpoolEnvelope } from '../inputs.js';
import { revisionOf } from './parts.js';
import { split, within } from './split.js';

/** /spools: the shelf. */
export function spoolRoutes(spools: SpoolRepository, now: () => string): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await spools.list());
  });
  router.post('/', async (req, res) => {
    const { taken } = split(req.body, SpoolEnvelope, 'spool');
    res.status(201).json(
      await spools.create(
        within('spool', () => parseSpool(taken.spool)),
        now(),
      ),
    );
  });
  router.get('/:id', async (req, res) => {
    res.json(await spools.get(req.params.id));
  });
  router.put('/:id', async (req, res) => {
    const { rest, taken } = split(req.body, SpoolEnvelope, 'spool');
    res.json(
      await spools.update(
        req.params.id,
        within('spool', () => parseSpool(taken.spool)),
        revisionOf(rest.revision),
        now(),
      ),
    );
  });
  router.delete('/:id', async (req, res) => {
    await spools.remove(req.params.id);
    res.status(204).end();
  });
  return router;
}
