import { Router } from 'express';
import {
  calculate,
  families,
  familyByKey,
  fieldsOf,
  modelById,
  models,
  parseBrief,
  parsePrinter,
  rank,
  relaxations,
} from '@hornblende/core';
import { notFound } from '../http/errors.js';
import { RankEnvelope } from '../http/envelopes.js';
import { split, within } from '../http/split.js';

/** What needs no database: families, models, calculation and ranking. */
export function computeRoutes(): Router {
  const router = Router();
  router.get('/families', (_req, res) => {
    res.json(families);
  });
  router.get('/families/:key', (req, res) => {
    const family = familyByKey(req.params.key);
    if (!family) throw notFound('family', req.params.key);
    res.json(family);
  });
  router.get('/models', (_req, res) => {
    res.json(models.map(m => ({ id: m.id, title: m.title, source: m.source, inputs: fieldsOf(m.Input) })));
  });
  router.post('/calc/:id', (req, res) => {
    if (!modelById(req.params.id)) throw notFound('model', req.params.id);
    res.json(calculate(req.params.id, req.body ?? null));
  });
  router.post('/rank', (req, res) => {
    const { rest, taken } = split(req.body, RankEnvelope, 'brief', 'printer');
    const brief = within('brief', () => parseBrief(taken.brief));
    const printer = taken.printer == null ? null : within('printer', () => parsePrinter(taken.printer));
    const ranking = rank(brief, { printer, ...(rest.school ? { school: rest.school } : {}) });
    res.json(
      ranking.firstChoice ? ranking : { ...ranking, nothingFits: relaxations(brief, printer, families) },
    );
  });
  return router;
}
