import { mergedFault } from '@hornblende/core/triage';
import type { Fault } from '@hornblende/core/formats';
import { Router } from 'express';
import type { Knex } from 'knex';
import { faults } from '../db/kinds/faults.js';
import { RevisionedStore } from '../db/revisioned-store.js';
import { HttpProblem } from '../lib/errors.js';
import { readDocument } from './resource.js';

/** A desk that saves at the same moment is waited for so many times. */
const TRIES = 5;
/** Open faults that a phone is shown, the newest. */
const MOST_OPEN = 100;

/**
 * /faults as a phone has it, at the machine: faults that are open are read, begun and gone on with. What was found is
 * the desk's to write; a phone that still has one in hand reads that it was found.
 */
export function openFaultRoutes(db: Knex, now: () => string): Router {
  const router = Router();
  const store = new RevisionedStore(db, faults);
  const read = (from: unknown): { fault: Fault; id: string | null; known: number | undefined } => {
    const { content: fault, id, revision: known } = readDocument(faults, from);
    if (fault.end !== null)
      throw new HttpProblem(403, [
        { field: 'fault.end', value: fault.end.cause, message: 'is written down at the desk' },
      ]);
    return { fault, id, known };
  };
  router.get('/', async (_req, res) => {
    res.json(await store.all(query => query.whereNull('cause').limit(MOST_OPEN)));
  });
  router.get('/:id', async (req, res) => {
    res.json(await store.get(req.params.id));
  });
  router.post('/', async (req, res) => {
    const { fault, id } = read(req.body);
    res.status(201).json(await store.create(fault, now(), id));
  });
  router.put('/:id', async (req, res) => {
    const { fault, known } = read(req.body);
    for (let tried = 1; ; tried++) {
      const { fault: there, revision } = await store.get(req.params.id);
      if (there.end !== null)
        throw new HttpProblem(409, [{ field: 'fault', value: req.params.id, message: 'is found already' }]);
      try {
        const joined = known === revision ? fault : mergedFault(fault, there);
        res.json(await store.update(req.params.id, joined, revision, now()));
        return;
      } catch (e) {
        if (!(e instanceof HttpProblem) || e.status !== 409 || tried === TRIES) throw e;
      }
    }
  });
  return router;
}
