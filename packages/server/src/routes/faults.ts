import { parseFault } from '@hornblende/core';
import type { Router } from 'express';
import type { FaultStore } from '../db/faults.js';
import { DocumentEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /faults: what went wrong and what it was, the newest first. */
export function faultRoutes(store: FaultStore, jobs: Jobs, now: () => string): Router {
  return resource({
    store,
    document: 'fault',
    Envelope: DocumentEnvelope,
    parse: parseFault,
    content: fault => fault,
    list: listing(jobs, 'listFaults', () => ({})),
    now,
  });
}
