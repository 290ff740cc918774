import type { Brief } from '../brief/brief.js';
import { families as libraryFamilies } from '../materials/library.js';
import { contextFor } from './context.js';
import { explain } from './explain.js';
import { type RankOptions, judgeAll } from './judge.js';
import { type Ranking, runnerUp } from './candidate.js';
import { bySchool } from './order.js';

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
    Object.assign(c, explain(f ? contextFor(ctx, f) : ctx, c));
  }
  const running = judged.filter(c => c.rank !== null);
  return {
    format: 'hornblende-ranking',
    version: 1,
    school,
    firstChoice: running[0]?.material ?? null,
    secondChoice: runnerUp(running)?.material ?? null,
    conditions: ctx.conditions,
    weights,
    candidates: judged,
  };
}
