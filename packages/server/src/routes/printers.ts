import { parsePrinter } from '@hornblende/core';
import type { Router } from 'express';
import type { PrinterStore } from '../db/printers.js';
import { PrinterEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';

/** /printers. */
export function printerRoutes(store: PrinterStore, jobs: Jobs, now: () => string): Router {
  return resource({
    store,
    document: 'profile',
    Envelope: PrinterEnvelope,
    parse: parsePrinter,
    content: (profile, { isDefault }) => ({ profile, isDefault }),
    list: listing(jobs, 'listPrinters', () => ({})),
    now,
  });
}
