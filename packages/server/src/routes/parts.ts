import { Router } from 'express';
import {
  DecisionInput,
  families,
  InputError,
  parseBrief,
  parseInput,
  recordDrift,
  recordHtml,
  recordMarkdown,
  type DecisionRecord,
} from '@hornblende/core';
import type { DecisionRepository } from '../db/decisions.js';
import type { GradeRepository } from '../db/grades.js';
import type { PartContent, PartRepository } from '../db/parts.js';
import type { PrinterRepository } from '../db/printers.js';
import type { WeatherRepository } from '../db/weathers.js';
import { decide } from '../decide.js';
import { notFound } from '../errors.js';
import { PartEnvelope } from '../inputs.js';
import { split, within } from './split.js';

/** What the routes of parts rest on. */
export interface PartStores {
  parts: PartRepository;
  printers: PrinterRepository;
  decisions: DecisionRepository;
  weathers: WeatherRepository;
  grades: GradeRepository;
}

/** /parts and their decisions. */
export function partRoutes(
  { parts, printers, decisions, weathers, grades }: PartStores,
  now: () => string,
): Router {
  const router = Router();

  router.get('/', async (req, res) => {
    const [list, latest] = await Promise.all([parts.list(req.query.archived === 'true'), decisions.latest()]);
    res.json(list.map(p => ({ ...p, decision: latest[p.id] ?? null })));
  });

  router.post('/', async (req, res) => {
    const { rest, taken } = split(req.body, PartEnvelope, 'brief');
    res.status(201).json(await parts.create(contentOf(rest, taken.brief), now()));
  });

  router.get('/:id', async (req, res) => {
    res.json(await parts.get(req.params.id));
  });

  router.put('/:id', async (req, res) => {
    const { rest, taken } = split(req.body, PartEnvelope, 'brief');
    res.json(
      await parts.update(
        req.params.id,
        contentOf(rest, taken.brief),
        rest.archived,
        revisionOf(rest.revision),
        now(),
      ),
    );
  });

  router.get('/:id/versions', async (req, res) => {
    res.json(await parts.versions(req.params.id));
  });

  router.get('/:id/decisions', async (req, res) => {
    await parts.get(req.params.id);
    res.json(await decisions.of(req.params.id));
  });

  // The record is worked out here, from what is saved: it must not depend on what a client claims.
  router.post('/:id/decisions', async (req, res) => {
    const part = await parts.get(req.params.id);
    const input = parseInput(DecisionInput, req.body);
    const ground = {
      brief: part.brief,
      given: part.given,
      grades: await grades.active(),
      printer: part.printerId ? (await printers.get(part.printerId)).profile : null,
      weather: part.weatherId ? await weathers.get(part.weatherId) : null,
    };
    res.status(201).json(await decisions.add(part.id, await decide(input, ground, now())));
  });

  // How today's library answers the question that was decided.
  router.get('/:id/decisions/:decision/drift', async (req, res) => {
    const record = await decisions.whole(req.params.id, req.params.decision);
    res.json(recordDrift(record, families, await grades.active()));
  });
  router.get('/:id/decisions/:decision/record.:type', async (req, res) => {
    const { id, decision, type } = req.params;
    const writer = exports[type as keyof typeof exports];
    if (!writer) throw notFound('type', type);
    const record = await decisions.whole(id, decision);
    const name =
      record.part
        .replace(/[^\p{L}\p{N}]+/gu, '-')
        .replace(/^-|-$/g, '')
        .toLowerCase() || 'decision';
    res.type(writer.type);
    if (req.query.open !== 'true') res.attachment(`${name}-decision.${type}`);
    // The report brings its own style and nothing else; it may be opened here as it may from disk.
    if (type === 'html')
      res.set(
        'Content-Security-Policy',
        "default-src 'none'; style-src 'unsafe-inline'; img-src data:; frame-ancestors 'self'",
      );
    res.send(writer.write(record));
  });

  return router;
}

/** The shapes a record goes out in. */
const exports: Record<string, { type: string; write: (r: DecisionRecord) => string }> = {
  json: { type: 'application/json', write: r => `${JSON.stringify(r, null, 1)}\n` },
  md: { type: 'text/markdown', write: recordMarkdown },
  html: { type: 'text/html', write: recordHtml },
};

/** What a body sets: the brief as given and with defaults, and what it is for. @throws InputError */
function contentOf(envelope: PartEnvelope, given: unknown): PartContent {
  const brief = within('brief', () => parseBrief(given));
  return { brief, given: given as object, printerId: envelope.printerId, weatherId: envelope.weatherId };
}

/** @throws InputError when an update does not say what it changes */
export function revisionOf(revision: number | undefined): number {
  if (revision === undefined)
    throw new InputError([
      { field: 'revision', value: undefined, message: 'is needed to update: the revision that was changed' },
    ]);
  return revision;
}
