import { appendFileSync } from 'node:fs';
import { afterAll, expect } from 'vitest';

// Loaded before each test file of the copy: the switches ask here whether they are the one that is changed.
const changed = Number(process.env.HORNBLENDE_MUTANT ?? -1);
const reached = new Set();
const began = performance.now();
globalThis.__mutant = id => {
  reached.add(id);
  return id === changed;
};
const log = process.env.HORNBLENDE_REACHED;
if (log)
  afterAll(() => {
    const line = { file: expect.getState().testPath, ids: [...reached], ms: performance.now() - began };
    appendFileSync(log, `${JSON.stringify(line)}\n`);
  });
