import { parsePrinter } from '@hornblende/core';
import type { Router } from 'express';
import type { PrinterStore } from '../db/printers.js';
import { PrinterEnvelope } from '../http/envelopes.js';
import { resource } from '../http/resource.js';

/** /printers. */
export function printerRoutes(store: PrinterStore, now: () => string): Router {
  return resource({
    store,
    document: 'profile',
    Envelope: PrinterEnvelope,
    parse: parsePrinter,
    content: (profile, { isDefault }) => ({ profile, isDefault }),
    now,
  });
}
