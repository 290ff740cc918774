import { parseInspection, type Inspection } from '@hornblende/core/formats';
import { Choice, Flag, InputError, parseInput } from '@hornblende/core/input';
import { DAY_MS } from '@hornblende/core/lib';
import { groupings, type Grouping } from '@hornblende/core/service';
import express, { Router } from 'express';
import type { Knex } from 'knex';
import type { InspectionStore } from '../db/inspections.js';
import type { KnownPhone } from '../db/phones.js';
import type { PhotoStore } from '../db/photos.js';
import { PHOTO_LIMIT } from '../db/photos.js';
import { placements } from '../db/kinds/placements.js';
import { RevisionedStore } from '../db/revisioned-store.js';
import { HttpProblem } from '../lib/errors.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import { within } from '../lib/split.js';
import type { Jobs } from '../jobs/jobs.js';
import { leaving, send } from './send.js';

/** Query of `GET /api/service/evidence`. */
class EvidenceQuery {
  @Choice(groupings, { optional: true, doc: 'What parts are grouped by; default family.' }) by: Grouping =
    'family';
}

/** Body of `POST /api/inspections/:id/strike`. */
class StrikeInput {
  @Flag({ doc: 'Whether it is struck out.' }) struck!: boolean;
}

/** /placements: parts in service by place, and the looks at each. */
export function placementRoutes(db: Knex, jobs: Jobs, now: () => string): Router {
  const router = resource({
    store: new RevisionedStore(db, placements),
    list: listing(jobs, 'listPlacements', () => ({ now: now() })),
    now,
  });
  router.get(
    '/:id/inspections',
    listing<'listInspections', { id: string }>(jobs, 'listInspections', req => ({
      placementId: req.params.id,
    })),
  );
  router.get('/:id/happened', async (req, res) => {
    const asked = { placementId: req.params.id, now: now() };
    send(res, await jobs.run('heavy', 'happenedToPart', asked, { signal: leaving(res) }));
  });
  return router;
}

/** /inspections: looks, each under an id that was made where it was written, so that none comes twice. */
export function inspectionRoutes(store: InspectionStore, now: () => string): Router {
  const router = Router();
  router.put('/:id', async (req, res) => {
    const plain = inspectionIn(req.body);
    const look = within('inspection', () => parseInspection(plain));
    if (look.id !== req.params.id)
      throw new InputError([
        { field: 'inspection.id', value: look.id, message: `must be the address’s, ${req.params.id}` },
      ]);
    if (Date.parse(look.at) > Date.parse(now()) + CLOCKS_DIFFER_MS)
      throw new InputError([
        {
          field: 'inspection.at',
          value: look.at,
          message: 'must not lie in the future: is that clock right?',
        },
      ]);
    // Who looked is said by whoever looked; else the phone that sent it is.
    const phone = res.locals.phone as KnownPhone | undefined;
    const said: Inspection = { ...look, by: look.by || (phone?.name ?? '') };
    const isNew = await store.put(said, now());
    res.status(isNew ? 201 : 200).json(said);
  });
  router.post('/:id/strike', async (req, res) => {
    const { struck } = parseInput(StrikeInput, req.body);
    res.json(await store.strike(req.params.id, struck, now()));
  });
  return router;
}

/** @throws InputError for a body without an inspection */
function inspectionIn(body: unknown): unknown {
  if (typeof body === 'object' && body !== null && 'inspection' in body) return body.inspection;
  throw new InputError([{ field: 'inspection', value: undefined, message: 'is needed' }]);
}

/** How far the clock of a phone may be ahead of this one, ms: in its time zone it may be tomorrow. */
const CLOCKS_DIFFER_MS = DAY_MS;

/** /photos: pictures by the hash of their bytes. */
export function photoRoutes(store: PhotoStore, now: () => string): Router {
  const router = Router();
  router.post('/', express.raw({ type: () => true, limit: PHOTO_LIMIT }), async (req, res) => {
    const data: unknown = req.body;
    if (!Buffer.isBuffer(data) || !data.length)
      throw new HttpProblem(400, [{ field: '(photo)', value: null, message: 'must not be empty' }]);
    res.status(201).json(await store.put(data, now()));
  });
  router.get('/:sha256', async (req, res) => {
    const { type, bytes } = await store.bytes(req.params.sha256);
    // What is named by its own hash never changes; and whatever it holds, nothing in it runs.
    res
      .set('Cache-Control', 'private, max-age=31536000, immutable')
      .set('Content-Security-Policy', "sandbox; default-src 'none'")
      .type(type)
      .send(bytes);
  });
  return router;
}

/** /service: what parts in service tell, when they are due, and all of them as a table. */
export function serviceRoutes(jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.get('/evidence', async (req, res) => {
    const { by } = parseInput(EvidenceQuery, { ...req.query });
    send(res, await jobs.run('heavy', 'serviceEvidence', { by, now: now() }, { signal: leaving(res) }));
  });
  router.get(
    '/happened',
    listing(jobs, 'listHappened', () => ({ now: now() }), 'heavy'),
  );
  router.get('/due.ics', async (_req, res) => {
    send(res, await jobs.run('heavy', 'calendar', { now: now() }, { signal: leaving(res) }));
  });
  router.get('/parts.csv', async (_req, res) => {
    send(res, await jobs.run('heavy', 'serviceTable', { now: now() }, { signal: leaving(res) }));
  });
  return router;
}
