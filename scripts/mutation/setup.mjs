import { appendFileSync } from 'node:fs';
import { afterAll, expect } from 'vitest';

// Loaded before each test file of the copy: the switches ask here whether they are the one that is changed.
const changed = Number(process.env.HORNBLENDE_MUTANT ?? -1);
const reached = new Set();
globalThis.__mutant = id => {
  reached.add(id);
  return id === changed;
};
const log = process.env.HORNBLENDE_REACHED;
if (log)
  afterAll(() => {
    appendFileSync(log, `${JSON.stringify({ file: expect.getState().testPath, ids: [...reached] })}\n`);
  });
