import type { School } from '../brief/choices.js';
import type { Candidate } from './candidate.js';
import { ratingOf } from './doubt.js';
import { scoreIn, weightedMean } from './score.js';

/** Judged candidates scored and ordered as another school would. */
export function inSchool(candidates: readonly Candidate[], school: School): Candidate[] {
  return candidates
    .map(c => {
      const score = scoreIn(school, c.criteria);
      return { ...c, score, rating: ratingOf(score, c.doubt) };
    })
    .sort(bySchool(school));
}

/**
 * The order of a school: by score less doubt, so that neither what only just holds nor a gamble at the printer
 * outranks what has room by a sliver; step-up, which is about passing, by classes of standing. What is out comes
 * last. Ties are broken by cost, then difficulty, then key, so that the order is
 * always the same.
 */
export function bySchool(school: School): (a: Candidate, b: Candidate) => number {
  const bySchoolOnly = schoolOrders[school];
  return (a, b) =>
    Number(a.status === 'out') - Number(b.status === 'out') ||
    bySchoolOnly(a, b) ||
    near(a.printing.costEach, b.printing.costEach) ||
    near(a.printing.difficulty, b.printing.difficulty) ||
    (a.material < b.material ? -1 : 1);
}

const schoolOrders: Record<School, (a: Candidate, b: Candidate) => number> = {
  weighted: (a, b) => near(b.rating, a.rating),
  'weakest-link': (a, b) =>
    near(b.rating, a.rating) || near(weightedMean(b.criteria), weightedMean(a.criteria)),
  'step-up': (a, b) => a.standing - b.standing || near(a.printing.difficulty, b.printing.difficulty),
};

/** A difference, or 0 where it is only the last bit of a floating-point sum. */
function near(a: number, b: number): number {
  return Math.abs(a - b) < 1e-9 ? 0 : a - b;
}
