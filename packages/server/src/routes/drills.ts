import { parseDrillAnswer } from '@hornblende/core/formats';
import { InputError, parseInput, Text } from '@hornblende/core/input';
import { Router } from 'express';
import type { DrillAnswerStore } from '../db/drill-answers.js';
import { listing } from './listing.js';
import { within } from '../lib/split.js';
import type { Jobs } from '../jobs/jobs.js';

/** Query of `DELETE /api/drills/answers`. */
class ForgetQuery {
  @Text({ maxLength: 60, allowEmpty: true, doc: 'Whose answers.' }) who!: string;
}

/** /drills/answers: what was answered, each under an id that was made where it was given. */
export function drillRoutes(store: DrillAnswerStore, jobs: Jobs): Router {
  const router = Router();
  router.get(
    '/answers',
    listing(jobs, 'listDrillAnswers', () => ({})),
  );
  router.put('/answers/:id', async (req, res) => {
    const { answer: plain } = (req.body ?? {}) as { answer?: unknown };
    const answer = within('answer', () => parseDrillAnswer(plain));
    if (answer.id !== req.params.id)
      throw new InputError([
        { field: 'answer.id', value: answer.id, message: `must be the address’s, ${req.params.id}` },
      ]);
    res.status((await store.put(answer)) ? 201 : 200).json(answer);
  });
  router.delete('/answers', async (req, res) => {
    const { who } = parseInput(ForgetQuery, { ...req.query });
    res.json({ forgotten: await store.forget(who) });
  });
  return router;
}
