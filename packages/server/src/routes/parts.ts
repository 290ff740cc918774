import { Router } from 'express';
import { contenders, families, familyKeys, gradeFamily, InputError, parseBrief, parseInput, rank } from '@hornblende/core';
import type { DecisionRepository } from '../db/decisions.js';
import type { GradeRepository } from '../db/grades.js';
import type { PartContent, PartRepository } from '../db/parts.js';
import type { PrinterRepository } from '../db/printers.js';
import type { WeatherRepository } from '../db/weathers.js';
import { DecisionInput, PartEnvelope } from '../inputs.js';
import { split, within } from './split.js';

/** What the routes of parts rest on. */
export interface PartStores { parts: PartRepository; printers: PrinterRepository; decisions: DecisionRepository; weathers: WeatherRepository; grades: GradeRepository }

/** /parts and their decisions. */
export function partRoutes({ parts, printers, decisions, weathers, grades }: PartStores, now: () => string): Router {
  const router = Router();

  router.get('/', async (req, res) => {
    const [list, latest] = await Promise.all([parts.list(req.query.archived === 'true'), decisions.latest()]);
    res.json(list.map(p => ({ ...p, decision: latest[p.id] ?? null })));
  });

  router.post('/', async (req, res) => {
    const { rest, taken } = split(req.body, PartEnvelope, 'brief');
    res.status(201).json(await parts.create(contentOf(rest, taken.brief), now()));
  });

  router.get('/:id', async (req, res) => { res.json(await parts.get(req.params.id)); });

  router.put('/:id', async (req, res) => {
    const { rest, taken } = split(req.body, PartEnvelope, 'brief');
    res.json(await parts.update(req.params.id, contentOf(rest, taken.brief), rest.archived, revisionOf(rest.revision), now()));
  });

  router.get('/:id/versions', async (req, res) => { res.json(await parts.versions(req.params.id)); });

  router.get('/:id/decisions', async (req, res) => {
    await parts.get(req.params.id);
    res.json(await decisions.of(req.params.id));
  });

  // The ranking is computed here, from what is saved, and kept: a record must not depend on what a client claims.
  router.post('/:id/decisions', async (req, res) => {
    const part = await parts.get(req.params.id);
    const input = parseInput(DecisionInput, req.body);
    const problems = [];
    if (input.reason.trim().length < 3) problems.push({ field: 'reason', value: input.reason, message: 'must say why, in a few words' });
    if (input.secondChoice === input.firstChoice) problems.push({ field: 'secondChoice', value: input.secondChoice, message: 'must differ from the first choice' });
    if (part.brief.ifItFails === 'injures' && !input.hazardAcknowledged) problems.push({ field: 'hazardAcknowledged', value: false, message: 'must be true: a failure of this part could injure someone' });
    const own = (await grades.active()).map(gradeFamily);
    const known = new Set([...familyKeys, ...own.map(g => g.key)]);
    for (const field of ['firstChoice', 'secondChoice'] as const) if (input[field] !== null && !known.has(input[field])) problems.push({ field, value: input[field], message: 'is neither a family nor a grade that is in use' });
    if (problems.length) throw new InputError(problems);
    const printer = part.printerId ? (await printers.get(part.printerId)).profile : null;
    const weather = part.weatherId ? await weathers.get(part.weatherId) : null;
    const named = new Set([input.firstChoice, input.secondChoice ?? '']);
    const ranking = rank(part.brief, { printer, weather, families: [...families, ...contenders(part.brief, own, { printer, weather }, named)] });
    res.status(201).json(await decisions.add({ ...input, partId: part.id, decidedAt: now(), brief: part.brief, printer, ranking }));
  });

  return router;
}

/** What a body sets: the brief as given and with defaults, and what it is for. @throws InputError */
function contentOf(envelope: PartEnvelope, given: unknown): PartContent {
  const brief = within('brief', () => parseBrief(given));
  return { brief, given: given as object, printerId: envelope.printerId, weatherId: envelope.weatherId };
}

/** @throws InputError when an update does not say what it changes */
export function revisionOf(revision: number | undefined): number {
  if (revision === undefined) throw new InputError([{ field: 'revision', value: undefined, message: 'is needed to update: the revision that was changed' }]);
  return revision;
}
