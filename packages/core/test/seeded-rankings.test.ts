import fc from 'fast-check';
import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { Brief } from '../src/brief/brief.js';
import { InputError } from '../src/input/input-error.js';
import { formatSchema } from '../src/input/json-schema.js';
import { parsePrinter } from '../src/workshop/printer.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { calculate, modelById, models } from '../src/registry.js';
import { rank } from '../src/score/rank.js';
import { robustness } from '../src/score/draws/robustness.js';
import { plainBrief, plainPrinter } from './any-brief.js';
import { like } from './like.js';
import { checks } from './model-checks.js';
import { otherBriefs } from './other-briefs.js';
import { briefs } from './robustness-briefs.js';

// Everything that is worked out, to six figures, as it was when somebody last looked: what is meant to change nothing
// changes none of these sums. Where something is to change, `vitest -u` writes them anew; `as-looked-at` shows what.

const FIGURES = 6;
/** Briefs like one that are ranked, and of them those that are drawn as well, which costs more. */
const BRIEFS_LIKE_ONE = 4;
const BRIEFS_DRAWN = 2;
/** A sum over all of an answer, its sentences too; figures past the sixth may differ from machine to machine. */
function sumOf(answer: unknown): string {
  const rounded = JSON.stringify(answer, (_key, v: unknown) =>
    typeof v === 'number' && Number.isFinite(v) ? Number(v.toPrecision(FIGURES)) : v,
  );
  return createHash('sha256').update(rounded).digest('hex').slice(0, 12);
}

/** What comes of the first few inputs that are not refused. */
function firstAnswers<P, T>(tried: readonly P[], work: (plain: P) => T, count: number): T[] {
  const answers: T[] = [];
  for (const plain of tried) {
    if (answers.length === count) break;
    try {
      answers.push(work(plain));
    } catch (e) {
      if (!(e instanceof InputError)) throw e;
    }
  }
  return answers;
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
  it('models at inputs like those of their check values, what is left out included', async () => {
    const checked = new Set(checks.map(([id]) => id));
    const bases = [...checks, ...models.filter(m => !checked.has(m.id)).map(m => [m.id, undefined] as const)];
    const lines = bases.map(([id, input], i) => {
      const schema = formatSchema(modelById(id)!.Input, id);
      const tried = fc.sample(like(schema, input), { seed: i, numRuns: 24 });
      // What ranks whole briefs takes longer than all others together.
      const count = 'brief' in (schema.properties as object) ? 1 : 8;
      const answers = firstAnswers(tried, plain => calculate(id, plain), count);
      return `${id}: ${answers.length}, ${sumOf(answers)}`;
    });
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/like-checks.txt');
  });
  it('rankings and draws of briefs like others', async () => {
    const lines = [...briefs, ...otherBriefs].flatMap(([name, base, machine], i) => {
      const plain = JSON.parse(JSON.stringify(base)) as object;
      const tried = fc.sample(like(formatSchema(Brief, 'brief'), plain), { seed: i, numRuns: 24 });
      const read = firstAnswers(tried, parseBrief, BRIEFS_LIKE_ONE);
      return read.map((asked, n) => {
        const ranking = rank(asked, { printer: machine });
        const drawn =
          n < BRIEFS_DRAWN
            ? sumOf(robustness(asked, { printer: machine, draws: 100, seed: 1 }))
            : 'not drawn';
        return `${name}, ${n + 1}: ${ranking.firstChoice ?? 'nothing'}, ${sumOf(ranking)}, ${drawn}`;
      });
    });
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/like-briefs.txt');
  });
  it('draws of briefs', async () => {
    const lines = briefs.map(
      ([name, brief, printer]) => `${name}: ${sumOf(robustness(brief, { printer, draws: 400, seed: 1 }))}`,
    );
    await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot('as-looked-at/seeded/draws.txt');
  });
});
