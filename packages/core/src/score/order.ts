import type { School } from '../brief/choices.js';
import type { Candidate } from './candidate.js';
import { scoreIn, weightedMean } from './score.js';

/** Judged candidates scored and ordered as another school would. */
export function inSchool(candidates: readonly Candidate[], school: School): Candidate[] {
  return candidates.map(c => ({ ...c, score: scoreIn(school, c.criteria) })).sort(bySchool(school));
}

/**
 * The order of a school. What only just passes stands below everything that passes with room, whatever the
 * school, and what is out comes last. Ties are broken by cost, then difficulty, then key, so that the order is
 * always the same.
 */
export function bySchool(school: School): (a: Candidate, b: Candidate) => number {
  const bySchoolOnly = schoolOrders[school];
  return (a, b) =>
    a.standing - b.standing ||
    bySchoolOnly(a, b) ||
    near(a.printing.costEach, b.printing.costEach) ||
    near(a.printing.difficulty, b.printing.difficulty) ||
    (a.material < b.material ? -1 : 1);
}

const schoolOrders: Record<School, (a: Candidate, b: Candidate) => number> = {
  weighted: (a, b) => near(b.score, a.score),
  'weakest-link': (a, b) =>
    near(b.score, a.score) || near(weightedMean(b.criteria), weightedMean(a.criteria)),
  'step-up': (a, b) => near(a.printing.difficulty, b.printing.difficulty),
};

/** A difference, or 0 where it is only the last bit of a floating-point sum. */
function near(a: number, b: number): number {
  return Math.abs(a - b) < 1e-9 ? 0 : a - b;
}
