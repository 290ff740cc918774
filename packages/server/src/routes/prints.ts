import { parsePrintEntry } from '@hornblende/core';
import type { Router } from 'express';
import type { PrintStore } from '../db/prints.js';
import { DocumentEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /prints: the log of what was printed, newest first. */
export function printRoutes(store: PrintStore, jobs: Jobs, now: () => string): Router {
  return resource({
    store,
    document: 'print',
    Envelope: DocumentEnvelope,
    parse: parsePrintEntry,
    content: print => print,
    list: listing(jobs, 'listPrints', () => ({})),
    now,
  });
}
