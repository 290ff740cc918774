import type { Router } from 'express';
import type { ParamsDictionary } from 'express-serve-static-core';
import type { PartStore } from '../db/parts.js';
import type { Jobs } from '../jobs/jobs.js';
import { listing } from './listing.js';
import { resource } from './resource.js';

/** /parts: what is worked on, what was put away, and how briefs have stood. */
export function partRoutes(store: PartStore, jobs: Jobs, now: () => string): Router {
  const list = listing<'listParts', ParamsDictionary>(jobs, 'listParts', req => ({
    archived: req.query.archived === 'true',
  }));
  const router = resource({ store, list, now });
  router.get(
    '/:id/versions',
    listing<'listVersions', { id: string }>(jobs, 'listVersions', req => ({ partId: req.params.id })),
  );
  return router;
}
