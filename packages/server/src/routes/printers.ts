import { Router } from 'express';
import { parsePrinter } from '@hornblende/core';
import type { PrinterRepository } from '../db/printers.js';
import { PrinterEnvelope } from '../inputs.js';
import { revisionOf } from './parts.js';
import { split, within } from './split.js';

/** /printers. */
export function printerRoutes(printers: PrinterRepository, now: () => string): Router {
  const router = Router();
  router.get('/', async (_req, res) => {
    res.json(await printers.list());
  });
  router.get('/:id', async (req, res) => {
    res.json(await printers.get(req.params.id));
  });
  router.post('/', async (req, res) => {
    const { rest, taken } = split(req.body, PrinterEnvelope, 'profile');
    res.status(201).json(
      await printers.create(
        within('profile', () => parsePrinter(taken.profile)),
        rest.isDefault,
        now(),
      ),
    );
  });
  router.put('/:id', async (req, res) => {
    const { rest, taken } = split(req.body, PrinterEnvelope, 'profile');
    const profile = within('profile', () => parsePrinter(taken.profile));
    res.json(await printers.update(req.params.id, profile, rest.isDefault, revisionOf(rest.revision), now()));
  });
  router.delete('/:id', async (req, res) => {
    await printers.remove(req.params.id);
    res.status(204).end();
  });
  return router;
}
