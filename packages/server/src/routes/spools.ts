import { parseSpool } from '@hornblende/core';
import type { Router } from 'express';
import type { SpoolStore } from '../db/spools.js';
import { DocumentEnvelope } from '../http/envelopes.js';
import { resource } from '../http/resource.js';

/** /spools: the shelf. */
export function spoolRoutes(store: SpoolStore, now: () => string): Router {
  return resource({
    store,
    document: 'spool',
    Envelope: DocumentEnvelope,
    parse: parseSpool,
    content: spool => spool,
    now,
  });
}
