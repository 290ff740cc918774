import type { CriterionId } from '../../brief/choices.js';
import type { Family } from '../../materials/family.js';
import type { Candidate } from '../candidate.js';
import type { Context } from '../context.js';
import { criterionRules } from '../criteria.js';
import type { DrawnParts, DrawnValues } from './drawn-parts.js';

/** How each criterion is read once loads, lasting and print have been worked out for a draw. */
export function leanReadings(
  ctx: Context,
  f: Family,
  candidate: Candidate,
  parts: DrawnParts,
): Record<CriterionId, (values: DrawnValues) => number> {
  const readings = criterionRules.map(rule => {
    if (rule.drawn !== 'as-typical') return [rule.id, rule.drawn(ctx, f, parts)] as const;
    const value = candidate.criteria.find(c => c.id === rule.id)?.value ?? 0;
    return [rule.id, () => value] as const;
  });
  return Object.fromEntries(readings) as Record<CriterionId, (values: DrawnValues) => number>;
}
