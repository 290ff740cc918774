import { Router } from 'express';
import { parseWorkshop } from '@hornblende/core/formats';
import { parseInput } from '@hornblende/core/input';
import type { WorkshopStore } from '../db/workshop.js';
import { QuoteInput } from '../lib/envelopes.js';

/** /workshop: its settings, and what print services ask for its parts. */
export function workshopRoutes(workshop: WorkshopStore, now: () => string): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await workshop.get());
  });
  router.put('/', async (req, res) => {
    res.json(await workshop.save(parseWorkshop(req.body), now()));
  });
  router.put('/quotes/:partId', async (req, res) => {
    res.json(await workshop.quote(req.params.partId, parseInput(QuoteInput, req.body).each, now()));
  });
  return router;
}
