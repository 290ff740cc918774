import fc from 'fast-check';
import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { parsePrinter } from '../src/workshop/printer.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { calculate } from '../src/registry.js';
import { rank } from '../src/score/rank.js';
import { robustness } from '../src/score/draws/robustness.js';
import { plainBrief, plainPrinter } from './any-brief.js';
import { checks } from './model-checks.js';
import { briefs } from './robustness-briefs.js';

// Everything that is worked out, to six figures, as it was when somebody last looked: what is meant to change nothing
// changes none of these sums. Where something is to change, `vitest -u` writes them anew; `as-looked-at` shows what.

const FIGURES = 6;
/** A sum over all of an answer, its sentences too; figures past the sixth may differ from machine to machine. */
function sumOf(answer: unknown): string {
  const rounded = JSON.stringify(answer, (_key, v: unknown) =>
    typeof v === 'number' && Number.isFinite(v) ? Number(v.toPrecision(FIGURES)) : v,
  );
  return createHash('sha256').update(rounded).digest('hex').slice(0, 12);
}

describe('what is worked out is as it was', () => {
  it('rankings of seeded briefs, on a printer each', async () => {
    const pairs = fc.sample(fc.tuple(plainBrief, fc.option(plainPrinter)), { seed: 20261201, numRuns: 40 });
    const lines = pairs.map(([plain, machine], i) => {
      const ranking = rank(parseBrief(plain), { printer: machine && parsePrinter(machine) });
      const running = ranking.candidates.filter(c => c.status !== 'out').length;
      return `${i + 1}: ${ranking.firstChoice ?? 'nothing'}, ${running} in the running, ${sumOf(ranking)}`;
    });
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/rankings.txt');
  });
  it('models at their check values, with every step and warning', async () => {
    const lines = checks.map(([id, input]) => `${id}: ${sumOf(calculate(id, input))}`);
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/models.txt');
  });
  it('draws of briefs', async () => {
    const lines = briefs.map(
      ([name, brief, printer]) => `${name}: ${sumOf(robustness(brief, { printer, draws: 400, seed: 1 }))}`,
    );
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/draws.txt');
  });
});
