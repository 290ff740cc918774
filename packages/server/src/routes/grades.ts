import { parseGrade } from '@hornblende/core';
import { Router } from 'express';
import type { GradeStore } from '../db/grades.js';
import { DocumentEnvelope } from '../lib/envelopes.js';
import { listing } from './listing.js';
import { resource } from './resource.js';
import type { Jobs } from '../jobs/jobs.js';
import { send } from './send.js';

/** /grades: named products on top of families, and tables of them out. */
export function gradeRoutes(store: GradeStore, jobs: Jobs, now: () => string): Router {
  const router = Router();
  router.get('/export.:ending', async (req, res) => {
    const { ending } = req.params;
    const answer = await jobs.run('reading', 'exportGrades', { ending });
    res.attachment(`hornblende-grades.${ending}`);
    send(res, answer);
  });
  router.use(
    resource({
      store,
      document: 'grade',
      Envelope: DocumentEnvelope,
      parse: parseGrade,
      content: grade => grade,
      list: listing(jobs, 'listGrades', () => ({})),
      now,
    }),
  );
  return router;
}
