import type { CriterionId } from '../brief/choices.js';
import type { Candidate } from '../score/candidate.js';
import { DOUBT_COSTS } from '../score/doubt.js';
import { TOP_WEIGHT } from '../brief/choices.js';

/** Criteria that any part has, whether its brief asks for them or not: the rest mean nothing until asked for. */
const always: ReadonlySet<CriterionId> = new Set<CriterionId>([
  'warp',
  'printability',
  'accuracy',
  'finish',
  'mass',
  'cost',
]);

/**
 * Weights at which another candidate overtakes the first, in closed form: with wᵢ the weights and dᵢ the
 * desirabilities, the lead over another
 * is A + w·B in the weight w of one criterion, less what doubt takes times the sum of the weights, which is nought at
 * w = −A/B with both put in. Both directions, the nearest of
 * each; rounded just past the point.
 */
export function weightTips(
  weights: Record<CriterionId, number>,
  running: readonly Candidate[],
): { id: CriterionId; to: number }[] {
  const [first, ...others] = running;
  if (!first) return [];
  return first.criteria.flatMap(k => {
    const w = weights[k.id];
    if (w <= 0 && !always.has(k.id)) return [];
    let down = -Infinity;
    let up = Infinity;
    for (const c of others) {
      let A = 0;
      let B = 0;
      let rest = 0;
      first.criteria.forEach((mine, i) => {
        const gap = mine.desirability - (c.criteria[i]?.desirability ?? 0);
        if (mine.id === k.id) B = gap;
        else {
          A += mine.weight * gap;
          rest += mine.weight;
        }
      });
      // What doubt takes does not depend on weights: it stands for so much of their sum.
      const taken = DOUBT_COSTS * (first.doubt - c.doubt);
      A -= taken * rest;
      B -= taken;
      if (B === 0) continue;
      const at = -A / B;
      // Above the present weight the lead must fall with the weight, below it must fall as the weight does.
      if (at >= w && B < 0) up = Math.min(up, at);
      if (at <= w && B > 0) down = Math.max(down, at);
    }
    const list: { id: CriterionId; to: number }[] = [];
    const past = (x: number, sign: 1 | -1): number =>
      sign > 0 ? Math.ceil(x * 1000 + 0.5) / 1000 : Math.floor(x * 1000 - 0.5) / 1000;
    if (up < Infinity && past(up, 1) <= TOP_WEIGHT) list.push({ id: k.id, to: past(up, 1) });
    if (down > -Infinity && past(down, -1) >= 0) list.push({ id: k.id, to: past(down, -1) });
    return list;
  });
}
