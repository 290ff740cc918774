import { parseBrief } from '@hornblende/core';
import type { Router } from 'express';
import type { PartStore } from '../db/parts.js';
import { PartEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /parts: what is worked on, what was put away, and how briefs have stood. */
export function partRoutes(store: PartStore, jobs: Jobs, now: () => string): Router {
  const router = resource({
    store,
    document: 'brief',
    Envelope: PartEnvelope,
    parse: parseBrief,
    content: (brief, { printerId, weatherId, archived }, given) => ({
      brief,
      given: given as object,
      printerId,
      weatherId,
      archived,
    }),
    list: listing(jobs, 'listParts', req => ({ archived: req.query.archived === 'true' })),
    now,
  });
  router.get(
    '/:id/versions',
    listing<'listVersions', { id: string }>(jobs, 'listVersions', req => ({ partId: req.params.id })),
  );
  return router;
}
