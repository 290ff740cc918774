import type { Brief } from '../brief/brief.js';
import { explain } from './explain.js';
import { type RankOptions, judgeAll } from './judge.js';
import { type Ranking, runnerUp } from './candidate.js';
import { bySchool } from './school-order.js';

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
  for (const c of judged) Object.assign(c, explain(ctx, c));
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
