import type { Knex } from 'knex';
import type { Router } from 'express';
import { documentKinds, type AnyDocumentKind, type DocumentKindName } from '../db/kinds/index.js';
import { RevisionedStore } from '../db/revisioned-store.js';
import type { Jobs } from '../jobs/jobs.js';
import { listing } from './listing.js';
import { resource } from './resource.js';

/** The routes of a kind of document of which a list shows nothing but itself. */
export function documentRoutes(kind: DocumentKindName, db: Knex, jobs: Jobs, now: () => string): Router {
  const described = documentKinds[kind] as unknown as AnyDocumentKind;
  return resource({
    store: new RevisionedStore(db, described),
    list: listing(jobs, 'listDocuments', () => ({ kind })),
    now,
  });
}
