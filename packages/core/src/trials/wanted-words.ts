import type { TrialCriterion } from './trial.js';

/** What is wanted of a criterion, in words: "70 to 80", "at most 0.4", "more is better". */
export function wantedWords({ band, limit, lessIsBetter, signed }: TrialCriterion): string {
  if (signed) return limit === null ? 'the closer to 0 the better' : `at most ${limit} either way`;
  if (band) return `${band[0]} to ${band[1]} is wanted`;
  if (limit !== null) return `${lessIsBetter ? 'at most' : 'at least'} ${limit}`;
  return `${lessIsBetter ? 'less' : 'more'} is better`;
}
