import type { Brief } from '../brief/brief.js';
import type { Family } from '../materials/family.js';
import { bySchool } from '../score/order.js';
import { judgeAll, type RankOptions } from '../score/judge.js';

/** Up to so many grades all take part in a ranking; of more, the best of each family do. */
export const ALL_GRADES = 40;
/** How many grades of one family take part where there are more in all. */
const PER_FAMILY = 2;

/**
 * The grades that take part in a ranking: all of a few; of many, the best of each family under this brief,
 * and those that are asked for.
 * The best grade of all is always among them, so the first choice does not depend on the rest being left out.
 * @param grades grades as families (`gradeFamily`)
 * @param keep keys that take part whatever they score, such as those on the shelf
 */
export function contenders(
  brief: Brief,
  grades: readonly Family[],
  options: RankOptions = {},
  keep: ReadonlySet<string> = new Set(),
): Family[] {
  if (grades.length <= ALL_GRADES) return [...grades];
  const { candidates, school } = judgeAll(brief, { ...options, families: grades });
  candidates.sort(bySchool(school));
  const taken = new Map<string, number>();
  const chosen = new Set<string>();
  for (const c of candidates) {
    const n = taken.get(c.family) ?? 0;
    if (n >= PER_FAMILY && !keep.has(c.material)) continue;
    taken.set(c.family, n + 1);
    chosen.add(c.material);
  }
  return grades.filter(g => chosen.has(g.key));
}
