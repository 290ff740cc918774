import type { Brief } from '../brief/brief.js';
import { families as libraryFamilies } from '../materials/library.js';
import { bakedFamily } from '../materials/baked.js';
import { asGood } from './as-good.js';
import { contextFor } from './context.js';
import { explain } from './explain.js';
import { chanceThatHolds } from './holds.js';
import { type RankOptions, judgeAll } from './judge.js';
import { type Ranking, runnerUp } from './candidate.js';
import { bySchool } from './order.js';

/** How many of the best are told how likely they hold: working it out takes as long as judging them once more. */
const MOST_TOLD_TO_HOLD = 8;

/**
 * Ranks filament families for a brief. The brief must be valid (see `parseBrief`).
 * The same input gives the same order whatever the order of the families.
 * @returns every candidate; those in the running first, best first, then those that are out
 */
export function rank(brief: Brief, options: RankOptions = {}): Ranking {
  const { ctx, weights, school, candidates: judged } = judgeAll(brief, options);
  judged.sort(bySchool(school));
  let position = 0;
  for (const c of judged) c.rank = c.status === 'out' ? null : ++position;
  const familyOf = new Map((options.families ?? libraryFamilies).map(f => [f.key, f]));
  for (const c of judged) {
    const f = familyOf.get(c.material);
    const own = f ? contextFor(ctx, f) : ctx;
    Object.assign(c, explain(own, c));
    if (f && c.rank !== null && c.rank <= MOST_TOLD_TO_HOLD)
      c.pHolds = chanceThatHolds(own, c.baked ? bakedFamily(f) : f, c.gates);
  }
  const running = judged.filter(c => c.rank !== null);
  return {
    format: 'hornblende-ranking',
    version: 1,
    school,
    firstChoice: running[0]?.material ?? null,
    secondChoice: runnerUp(running)?.material ?? null,
    asGood: asGood(school, running),
    conditions: ctx.conditions,
    weights,
    candidates: judged,
  };
}
