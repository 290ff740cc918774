import { meshUnits, type MeshUnit } from '@hornblende/core/geometry';
import { Choice, parseInput, Text } from '@hornblende/core/input';
import express, { Router } from 'express';
import type { ShapeStore } from '../db/shapes.js';
import type { Jobs } from '../jobs/jobs.js';
import { HttpProblem } from '../lib/errors.js';
import type { LongJobs } from './long-jobs.js';

/** Largest file of a shape that is kept, bytes: what one file of an archive may hold. */
export const SHAPE_LIMIT = 48 * 2 ** 20;

/** Query of `PUT /api/parts/:id/shape`. */
class ShapeQuery {
  @Text({ maxLength: 200, doc: 'The name of the file.' }) name!: string;
  @Choice(meshUnits, { optional: true, nullable: true, doc: 'What it is drawn in, where it does not say.' })
  unit: MeshUnit | null = null;
}

/** /parts/:id/shape: the file that a part was taken from, and what that shape bears and how it warps. */
export function shapeRoutes(
  store: ShapeStore,
  now: () => string,
  { jobs, long }: { jobs: Jobs; long: LongJobs },
): Router {
  const router = Router({ mergeParams: true });
  const partOf = (params: unknown): string => (params as { id: string }).id;
  router.get('/', async (req, res) => {
    res.json(await store.facts(partOf(req.params)));
  });
  router.get('/file', async (req, res) => {
    const bytes = await store.bytes(partOf(req.params));
    res.type('application/octet-stream').send(bytes);
  });
  router.put('/', express.raw({ type: () => true, limit: SHAPE_LIMIT }), async (req, res) => {
    const { name, unit } = parseInput(ShapeQuery, { ...req.query });
    const data: unknown = req.body;
    if (!Buffer.isBuffer(data) || !data.length)
      throw new HttpProblem(400, [{ field: '(file)', value: null, message: 'must not be empty' }]);
    res.json(await store.put(partOf(req.params), name, unit, data, now()));
  });
  for (const [path, task] of [
    ['/stress', 'stressOnShape'],
    ['/warp', 'warpOfShape'],
  ] as const)
    router.post(path, async (req, res) => {
      const asked = { partId: partOf(req.params), body: (req.body ?? null) as unknown };
      await long.answer(req, res, how => jobs.run('heavy', task, asked, how));
    });
  router.delete('/', async (req, res) => {
    await store.remove(partOf(req.params));
    res.status(204).end();
  });
  return router;
}
