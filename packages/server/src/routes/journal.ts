import { Router } from 'express';
import { pageAsked } from '../db/page.js';
import type { Journal } from '../workplace/journal.js';

/** /journal: what was done at the door and to the workshop as a whole, the newest first. */
export function journalRoutes(journal: Journal): Router {
  const router = Router();
  router.get('/', (req, res) => {
    res.json(journal.last(pageAsked(req.query).limit));
  });
  return router;
}
