import { parseTrial } from '@hornblende/core';
import type { Router } from 'express';
import type { TrialStore } from '../db/trials.js';
import { DocumentEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /trials: what was printed in several filaments, the newest first. */
export function trialRoutes(store: TrialStore, jobs: Jobs, now: () => string): Router {
  return resource({
    store,
    document: 'trial',
    Envelope: DocumentEnvelope,
    parse: parseTrial,
    content: trial => trial,
    list: listing(jobs, 'listTrials', () => ({})),
    now,
  });
}
