import { readFileSync } from 'node:fs';
import { BaseSequencer } from 'vitest/node';

/** Runs the test files that took least first: most changes are noticed by one of those. */
export class QuickestFirst extends BaseSequencer {
  async sort(specifications) {
    const took = new Map(
      readFileSync(process.env.HORNBLENDE_REACHED_BEFORE, 'utf8')
        .trim()
        .split('\n')
        .map(line => JSON.parse(line))
        .map(({ file, ms }) => [file, ms]),
    );
    const msOf = ({ moduleId }) => took.get(moduleId) ?? 0;
    return [...specifications].sort((a, b) => msOf(a) - msOf(b));
  }
}
