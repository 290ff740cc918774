import { parseSpool } from '@hornblende/core';
import type { Router } from 'express';
import type { SpoolStore } from '../db/spools.js';
import { DocumentEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /spools: the shelf. */
export function spoolRoutes(store: SpoolStore, jobs: Jobs, now: () => string): Router {
  return resource({
    store,
    document: 'spool',
    Envelope: DocumentEnvelope,
    parse: parseSpool,
    content: spool => spool,
    list: listing(jobs, 'listSpools', () => ({})),
    now,
  });
}
