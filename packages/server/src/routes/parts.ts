import { parseBrief } from '@hornblende/core';
import type { Router } from 'express';
import type { DecisionStore } from '../db/decisions.js';
import type { PartStore } from '../db/parts.js';
import { PartEnvelope } from '../http/envelopes.js';
import { resource } from '../http/resource.js';

/** /parts: what is worked on, what was put away, and how briefs have stood. */
export function partRoutes(store: PartStore, decisions: DecisionStore, now: () => string): Router {
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
    list: async req => {
      const [parts, latest] = await Promise.all([
        store.listed(req.query.archived === 'true'),
        decisions.latest(),
      ]);
      return parts.map(p => ({ ...p, decision: latest[p.id] ?? null }));
    },
    now,
  });
  router.get('/:id/versions', async (req, res) => {
    res.json(await store.versions(req.params.id));
  });
  return router;
}
