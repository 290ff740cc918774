import type { Context } from './context.js';
import type { Candidate } from './candidate.js';
import { sentenceOf } from './criteria.js';

/** Up to three reasons for a candidate and the main one against, each from a number. */
export function explain(ctx: Context, candidate: Candidate): { for: string[]; against: string[] } {
  const weighed = candidate.criteria.filter(c => c.weight > 0);
  const byGain = [...weighed].sort((a, b) => b.weight * b.desirability - a.weight * a.desirability);
  const byLoss = [...weighed].sort(
    (a, b) => b.weight * (1 - b.desirability) - a.weight * (1 - a.desirability),
  );
  const failed = candidate.gates.filter(g => g.verdict === 'fail').map(g => g.why);
  const marginal = candidate.gates.filter(g => g.verdict === 'marginal').map(g => g.why);
  const pros = byGain.filter(c => c.desirability >= 0.6).slice(0, 3);
  // The same number must not speak on both sides.
  const worstOne = byLoss.find(c => !pros.includes(c));
  const main = failed.length
    ? failed
    : worstOne && worstOne.desirability < 0.75
      ? [sentenceOf(worstOne, 'con', ctx)]
      : marginal.slice(0, 1);
  return {
    for: pros.map(c => sentenceOf(c, 'pro', ctx)),
    against: main.length
      ? main
      : worstOne && worstOne.desirability < 0.95
        ? [sentenceOf(worstOne, 'con', ctx)]
        : [],
  };
}
