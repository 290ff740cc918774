import { parseGrade } from '@hornblende/core';
import { writeGradesCsv, writeGradesJson } from '@hornblende/core/tables';
import { Router } from 'express';
import type { GradeStore } from '../db/grades.js';
import { DocumentEnvelope } from '../http/envelopes.js';
import { resource } from '../http/resource.js';

const writers = {
  csv: { type: 'text/csv', write: writeGradesCsv },
  json: { type: 'application/json', write: writeGradesJson },
};

/** /grades: named products on top of families, and tables of them out. */
export function gradeRoutes(store: GradeStore, now: () => string): Router {
  const router = Router();
  for (const [ending, { type, write }] of Object.entries(writers))
    router.get(`/export.${ending}`, async (_req, res) => {
      const grades = (await store.list()).map(g => g.grade);
      res.type(type).attachment(`hornblende-grades.${ending}`).send(write(grades));
    });
  router.use(
    resource({
      store,
      document: 'grade',
      Envelope: DocumentEnvelope,
      parse: parseGrade,
      content: grade => grade,
      now,
    }),
  );
  return router;
}
