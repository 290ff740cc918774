import { HOUR_MS } from '@hornblende/core/lib';
import { Router, type Request, type Response } from 'express';
import { randomUUID } from 'node:crypto';
import type { JobProgress } from '../jobs/answer.js';
import { notFound, refusalOf, saidProblems, type Refusal } from '../lib/errors.js';

/** How long the outcome of long work is kept after it ended, ms. */
const STAYS_MS = HOUR_MS;

/** Long work under way, or ended a while ago. */
interface LongJob {
  progress: JobProgress;
  stop: AbortController;
  outcome: { state: 'done'; result: unknown } | { state: 'failed'; refusal: Refusal } | null;
}

/** What long work is given: a signal that ends it, and where it says how far it is. */
export interface LongWork {
  signal: AbortSignal;
  progress: (p: JobProgress) => void;
}

/**
 * Work that takes longer than a request should. Whoever asks with `Prefer: respond-async` (RFC 7240) is told where
 * to look how far it is; anybody else waits for the answer.
 */
export class LongJobs {
  private readonly jobs = new Map<string, LongJob>();

  /** Does some work for a request, and answers: with its result, or with where it will be. */
  async answer(
    req: Request,
    res: Response,
    work: (how: LongWork) => Promise<unknown>,
    status = 200,
  ): Promise<void> {
    if (!/(^|,)\s*respond-async\b/.test(req.get('Prefer') ?? '')) {
      const stop = new AbortController();
      res.on('close', () => {
        if (!res.writableFinished) stop.abort();
      });
      res.status(status).json(await work({ signal: stop.signal, progress: () => undefined }));
      return;
    }
    const id = this.begun(work);
    res
      .status(202)
      .set({ Location: `/api/jobs/${id}`, 'Preference-Applied': 'respond-async' })
      .json({ id });
  }

  /** /jobs: how far long work is, what it came to, and an end to it. */
  routes(): Router {
    const router = Router();
    router.get('/:id', (req, res) => {
      const { progress, outcome } = this.find(req.params.id);
      if (!outcome) res.json({ state: 'running', ...progress });
      else if (outcome.state === 'done') res.json({ state: 'done', result: outcome.result });
      else
        res.json({
          state: 'failed',
          status: outcome.refusal.status,
          errors: saidProblems(outcome.refusal.problems),
        });
    });
    router.delete('/:id', (req, res) => {
      this.find(req.params.id).stop.abort();
      res.status(204).end();
    });
    return router;
  }

  private begun(work: (how: LongWork) => Promise<unknown>): string {
    const id = randomUUID();
    const job: LongJob = { progress: { done: 0, total: 0 }, stop: new AbortController(), outcome: null };
    this.jobs.set(id, job);
    const progress = (p: JobProgress): void => {
      job.progress = p;
    };
    void work({ signal: job.stop.signal, progress }).then(
      result => this.ended(id, job, { state: 'done', result }),
      (e: unknown) => {
        const refusal = refusalOf(e);
        if (refusal.status === 500) console.error(e);
        this.ended(id, job, { state: 'failed', refusal });
      },
    );
    return id;
  }

  private ended(id: string, job: LongJob, outcome: NonNullable<LongJob['outcome']>): void {
    job.outcome = outcome;
    setTimeout(() => this.jobs.delete(id), STAYS_MS).unref();
  }

  /** @throws HttpProblem 404 */
  private find(id: string): LongJob {
    const job = this.jobs.get(id);
    if (!job) throw notFound('job', id);
    return job;
  }
}
