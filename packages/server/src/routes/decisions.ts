import { Router } from 'express';
import type { DecisionStore } from '../db/decisions.js';
import { parseInput } from '@hornblende/core/input';
import { WithdrawalInput } from '../lib/envelopes.js';
import { listing } from './listing.js';
import type { Jobs } from '../jobs/jobs.js';
import { leaving, send } from './send.js';

/** The report brings its own style and nothing else; it may be opened here as it may from disk. */
const REPORT_POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'";

interface OfPart {
  id: string;
}
interface OfDecision extends OfPart {
  decision: string;
}

/** /parts/:id/decisions: taken, read, withdrawn, written out. */
export function decisionRoutes(decisions: DecisionStore, jobs: Jobs, now: () => string): Router {
  const router = Router({ mergeParams: true });

  router.get<'/', OfPart>(
    '/',
    listing<'listDecisions', OfPart>(jobs, 'listDecisions', req => ({ partId: req.params.id })),
  );

  router.post<'/', OfPart>('/', async (req, res) => {
    const partId = req.params.id;
    const input = { partId, body: req.body as unknown, now: now() };
    const ready = await jobs.run('heavy', 'workOutDecision', input, { signal: leaving(res) });
    res.status(201).json(await decisions.add(partId, ready));
  });

  router.get<'/:decision', OfDecision>('/:decision', async (req, res) => {
    res.json(await decisions.get(req.params.id, req.params.decision));
  });

  router.post<'/:decision/withdrawal', OfDecision>('/:decision/withdrawal', async (req, res) => {
    const { reason, by } = parseInput(WithdrawalInput, req.body);
    res.json(await decisions.withdraw(req.params.id, req.params.decision, { at: now(), by, reason }));
  });

  router.get<'/:decision/drift', OfDecision>('/:decision/drift', async (req, res) => {
    const asked = { partId: req.params.id, id: req.params.decision, now: now() };
    send(res, await jobs.run('heavy', 'decisionDrift', asked, { signal: leaving(res) }));
  });

  router.get<'/:decision/record.:type', OfDecision & { type: string }>(
    '/:decision/record.:type',
    async (req, res) => {
      const { id, decision, type } = req.params;
      const asked = { partId: id, id: decision, type };
      const { headers, ...answer } = await jobs.run('heavy', 'decisionReport', asked, {
        signal: leaving(res),
      });
      if (req.query.open !== 'true') res.attachment(decodeURIComponent(headers?.['Record-Name'] ?? 'record'));
      if (type === 'html') res.set('Content-Security-Policy', REPORT_POLICY);
      send(res, answer);
    },
  );
  return router;
}
