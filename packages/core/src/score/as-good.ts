import type { School } from '../brief/choices.js';
import type { AsGood, Candidate } from './candidate.js';

/** Ratings that differ by less cannot be told apart by the data. */
export const AS_GOOD_WITHIN = 0.02;
/** The same of step-up, which orders by print difficulty. */
const AS_EASY_WITHIN = 0.25;

/**
 * Everyone whom the data cannot tell from the first choice, the first among them: within 0.02 of its rating, in step-up
 * as easy to print and standing as well. A family and its grades are one.
 * @param running candidates in the running, best first
 */
export function asGood(school: School, running: readonly Candidate[]): AsGood[] {
  const [first] = running;
  if (!first) return [];
  const group: AsGood[] = [];
  for (const c of running.filter(x => isAsGood(school, first, x))) {
    const one = { material: c.material, name: c.name };
    const kin = group.find(g => g.family === c.family);
    if (kin) kin.variants.push(one);
    else group.push({ family: c.family, ...one, variants: [] });
  }
  return group;
}

function isAsGood(school: School, first: Candidate, c: Candidate): boolean {
  if (school !== 'step-up') return first.rating - c.rating <= AS_GOOD_WITHIN;
  return c.standing === first.standing && c.printing.difficulty - first.printing.difficulty <= AS_EASY_WITHIN;
}

/** Names of equals that are told one by one. */
const MOST_NAMED = 4;

/** Those as good as the first of a group, in words: "ASA-CF, PC blend and 3 more"; empty where there are none. */
export function asGoodNames([, ...others]: readonly AsGood[], most = MOST_NAMED): string {
  const named = others.slice(0, most).map(g => g.name);
  const left = others.length - named.length;
  return left ? `${named.join(', ')} and ${left} more` : named.join(', ');
}
