import { Router } from 'express';
import type { PhoneStore } from '../db/phones.js';
import { HttpProblem } from '../lib/errors.js';
import type { Journal } from '../workplace/journal.js';
import type { Pairing } from '../share/pairing.js';

/** What is shared with phones: where, and by which codes. */
export interface Sharing {
  /** Where phones find the workshop. */
  url: string;
  /** Of the certificate that phones see there; null where nothing is encrypted. */
  fingerprint: string | null;
  pairing: Pairing;
}

/** /phones: which phones are paired, codes for new ones, and keys withdrawn. */
export function phoneRoutes(
  store: PhoneStore,
  sharing: () => Sharing | null,
  journal: Journal,
  now: () => string,
): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    const { url = null, fingerprint = null } = sharing() ?? {};
    res.json({ url, fingerprint, phones: await store.all() });
  });
  router.post('/code', (_req, res) => {
    const shared = sharing();
    if (!shared)
      throw new HttpProblem(409, [
        { field: '(phone)', value: null, message: 'cannot be paired: nothing is shared; start with --share' },
      ]);
    res.json(shared.pairing.fresh());
  });
  router.post('/:id/withdrawal', async (req, res) => {
    journal.write('withdrawn', await store.withdraw(req.params.id, now()));
    res.status(204).end();
  });
  return router;
}
