import {
  DecisionInput,
  families,
  parseInput,
  recordDrift,
  recordHtml,
  recordMarkdown,
  type DecisionRecord,
} from '@hornblende/core';
import { Router } from 'express';
import type { DecisionStore } from '../db/decisions.js';
import type { GradeStore } from '../db/grades.js';
import type { PartStore } from '../db/parts.js';
import type { PrinterStore } from '../db/printers.js';
import type { WeatherStore } from '../db/weathers.js';
import { WithdrawalInput } from '../http/envelopes.js';
import { notFound } from '../http/errors.js';
import { decide, type DecisionGround } from '../jobs/decide.js';

/** What a decision is taken from. */
export interface DecisionStores {
  parts: PartStore;
  printers: PrinterStore;
  decisions: DecisionStore;
  weathers: WeatherStore;
  grades: GradeStore;
}

/** The shapes a record goes out in. */
const writers: Record<string, { type: string; write: (r: DecisionRecord) => string }> = {
  json: { type: 'application/json', write: r => `${JSON.stringify(r, null, 1)}\n` },
  md: { type: 'text/markdown', write: recordMarkdown },
  html: { type: 'text/html', write: recordHtml },
};

/** The report brings its own style and nothing else; it may be opened here as it may from disk. */
const REPORT_POLICY = "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'";

/** /parts/:id/decisions: taken, read, withdrawn, written out. */
export function decisionRoutes(stores: DecisionStores, now: () => string): Router {
  const { parts, decisions, grades } = stores;
  const router = Router({ mergeParams: true });

  router.get<'/', { id: string }>('/', async (req, res) => {
    await parts.get(req.params.id);
    res.json(await decisions.of(req.params.id));
  });

  // The record is worked out here, from what is saved: it must not depend on what a client claims.
  router.post<'/', { id: string }>('/', async (req, res) => {
    const ground = await groundOf(stores, req.params.id);
    const input = parseInput(DecisionInput, req.body);
    res.status(201).json(await decisions.add(req.params.id, await decide(input, ground, now())));
  });

  router.post<'/:decision/withdrawal', { id: string; decision: string }>(
    '/:decision/withdrawal',
    async (req, res) => {
      const { reason, by } = parseInput(WithdrawalInput, req.body);
      res.json(await decisions.withdraw(req.params.id, req.params.decision, { at: now(), by, reason }));
    },
  );

  // How today's library answers the question that was decided.
  router.get<'/:decision/drift', { id: string; decision: string }>('/:decision/drift', async (req, res) => {
    const record = await decisions.whole(req.params.id, req.params.decision);
    res.json(recordDrift(record, families, await grades.active()));
  });

  router.get<'/:decision/record.:type', { id: string; decision: string; type: string }>(
    '/:decision/record.:type',
    async (req, res) => {
      const { id, decision, type } = req.params;
      const writer = writers[type];
      if (!writer) throw notFound('type', type);
      const record = await decisions.whole(id, decision);
      res.type(writer.type);
      if (req.query.open !== 'true') res.attachment(`${fileName(record.part)}-decision.${type}`);
      if (type === 'html') res.set('Content-Security-Policy', REPORT_POLICY);
      res.send(writer.write(record));
    },
  );
  return router;
}

/** What is saved of a part and all that its ranking rests on. @throws HttpProblem 404 */
async function groundOf(
  { parts, printers, weathers, grades }: DecisionStores,
  partId: string,
): Promise<DecisionGround> {
  const { brief, given, printerId, weatherId } = await parts.get(partId);
  return {
    brief,
    given,
    grades: await grades.active(),
    printer: printerId ? (await printers.get(printerId)).profile : null,
    weather: weatherId ? await weathers.get(weatherId) : null,
  };
}

/** A part's name as a file's. */
function fileName(part: string): string {
  const plain = part.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '');
  return plain.toLowerCase() || 'decision';
}
