import { Router } from 'express';
import { say } from '@hornblende/core/brief';
import { fieldsOf, parseInput, Text } from '@hornblende/core/input';
import { families, familyByKey } from '@hornblende/core/materials';
import { modelById, models } from '@hornblende/core/registry';
import { notFound } from '../lib/errors.js';
import type { Jobs } from '../jobs/jobs.js';
import { leaving, send } from './send.js';

/** Body of `POST /api/say`. */
class SayInput {
  @Text({ maxLength: 2000, doc: 'A sentence that says what a part is for.' }) sentence!: string;
}

/** What needs no database: families, models, calculation and ranking. */
export function computeRoutes(jobs: Jobs): Router {
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
  router.post('/calc/:id', async (req, res) => {
    const { id } = req.params;
    if (!modelById(id)) throw notFound('model', id);
    const body: unknown = req.body ?? null;
    send(res, await jobs.run('heavy', 'calculateModel', { id, body }, { signal: leaving(res) }));
  });
  router.post('/say', (req, res) => {
    const { sentence } = parseInput(SayInput, req.body);
    res.json(say(sentence));
  });
  router.post('/rank', async (req, res) => {
    send(res, await jobs.run('heavy', 'rankBrief', { body: req.body as unknown }, { signal: leaving(res) }));
  });
  return router;
}
