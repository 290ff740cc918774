import type { School } from '../brief/choices.js';
import type { Criterion } from './criteria/criterion.js';

/** The score of a candidate's criteria in a school; step-up ranks by difficulty and shows the mean. */
export function scoreIn(school: School, criteria: readonly Criterion[]): number {
  return school === 'weakest-link' ? weakest(criteria) : weightedMean(criteria);
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
