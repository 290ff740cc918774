import type { School } from '../brief/choices.js';
import type { Criterion } from './criteria/criterion.js';
import type { Candidate } from './candidate.js';

/** The score of a candidate's criteria in a school; step-up ranks by demands and shows the mean. */
export function scoreIn(school: School, criteria: readonly Criterion[]): number {
  return school === 'weakest-link' ? weakest(criteria) : weightedMean(criteria);
}

/** Judged candidates scored and ordered as another school would. */
export function inSchool(candidates: readonly Candidate[], school: School): Candidate[] {
  return candidates.map(c => ({ ...c, score: scoreIn(school, c.criteria) })).sort(bySchool(school));
}

/** Weighted arithmetic mean of the desirabilities, 0…1; 0 when nothing weighs anything. */
export function weightedMean(criteria: readonly Pick<Criterion, 'weight' | 'desirability'>[]): number {
  let sum = 0;
  let weight = 0;
  for (const c of criteria) {
    sum += c.weight * c.desirability;
    weight += c.weight;
  }
  return weight > 0 ? sum / weight : 0;
}

/** Lowest desirability among the criteria that weigh anything. */
export function weakest(criteria: readonly Pick<Criterion, 'weight' | 'desirability'>[]): number {
  return criteria.reduce((m, c) => (c.weight > 0 ? Math.min(m, c.desirability) : m), 1);
}

/**
 * The order of a school; those that are out come last, and ties are broken by key so that the order is
 * always the same.
 */
export function bySchool(school: School): (a: Candidate, b: Candidate) => number {
  const inOut = (c: Candidate): number => (c.status === 'out' ? 1 : 0);
  return (a, b) => {
    const placed = inOut(a) - inOut(b);
    if (placed) return placed;
    const order =
      school === 'step-up'
        ? a.printing.penalties - b.printing.penalties || a.printing.costEach - b.printing.costEach
        : school === 'weakest-link'
          ? b.score - a.score || weightedMean(b.criteria) - weightedMean(a.criteria)
          : b.score - a.score;
    return order || (a.material < b.material ? -1 : 1);
  };
}
