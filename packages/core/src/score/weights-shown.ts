import { criterionIds, type CriterionId } from '../brief/choices.js';

/** The criteria that weigh anything, in the order in which layers are drawn. */
export function weightsShown(weights: Record<CriterionId, number>): CriterionId[] {
  return criterionIds.filter(id => weights[id] > 0);
}
