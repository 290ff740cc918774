import { criterionIds, type CriterionId } from '../brief/choices.js';
import type { Context } from './context.js';
import { accuracyCriterion } from './criteria/accuracy.js';
import { costCriterion } from './criteria/cost.js';
import { creepCriterion } from './criteria/creep.js';
import type { Criterion, CriterionRule, DesirabilityPoints, Judged } from './criteria/criterion.js';
import { finishCriterion } from './criteria/finish.js';
import { flexCriterion } from './criteria/flex.js';
import { airCriterion } from './criteria/air.js';
import { ageingCriterion } from './criteria/ageing.js';
import { clampCriterion } from './criteria/clamp.js';
import { wearCriterion } from './criteria/wear.js';
import { waterCriterion } from './criteria/water.js';
import { chemicalsCriterion } from './criteria/chemicals.js';
import { contactCriterion } from './criteria/contact.js';
import { heatCriterion } from './criteria/heat.js';
import { impactCriterion } from './criteria/impact.js';
import { massCriterion } from './criteria/mass.js';
import { moistureCriterion } from './criteria/moisture.js';
import { printabilityCriterion } from './criteria/printability.js';
import { recyclingCriterion } from './criteria/recycling.js';
import { stiffnessCriterion } from './criteria/stiffness.js';
import { strengthCriterion } from './criteria/strength.js';
import { uvCriterion } from './criteria/uv.js';
import { warpCriterion } from './criteria/warp.js';
import { desirabilityOn } from './desirability.js';

/** How each criterion is judged. */
const rules: Readonly<Record<CriterionId, CriterionRule>> = {
  heat: heatCriterion,
  ageing: ageingCriterion,
  uv: uvCriterion,
  strength: strengthCriterion,
  stiffness: stiffnessCriterion,
  creep: creepCriterion,
  clamp: clampCriterion,
  impact: impactCriterion,
  wear: wearCriterion,
  flex: flexCriterion,
  water: waterCriterion,
  chemicals: chemicalsCriterion,
  contact: contactCriterion,
  warp: warpCriterion,
  printability: printabilityCriterion,
  accuracy: accuracyCriterion,
  finish: finishCriterion,
  mass: massCriterion,
  moisture: moistureCriterion,
  air: airCriterion,
  cost: costCriterion,
  recycling: recyclingCriterion,
};

/** Every criterion, in the order in which a candidate lists them. */
export const criterionRules: readonly CriterionRule[] = criterionIds.map(id => rules[id]);

/** A criterion's value as a sentence on one side of the argument. */
export function sentenceOf(c: Criterion, side: 'pro' | 'con', ctx: Context): string {
  return rules[c.id].says[side](c, ctx);
}

/** One value for each criterion. */
function byCriterion<T>(of: (rule: CriterionRule) => T): Record<CriterionId, T> {
  return Object.fromEntries(criterionRules.map(rule => [rule.id, of(rule)])) as Record<CriterionId, T>;
}

/** What a criterion is called and what it measures. */
export const criterionLabels: Record<CriterionId, { label: string; measure: string }> = byCriterion(
  ({ label, measure }) => ({ label, measure }),
);

/**
 * Weights that follow from the brief, before the user's own. Criteria that the brief does not call for
 * weigh nothing.
 */
export function impliedWeights(ctx: Context): Record<CriterionId, number> {
  return byCriterion(rule => rule.weigh(ctx));
}

/** The weights in force: the user's where set, else those implied. */
export function weightsOf(ctx: Context): Record<CriterionId, number> {
  return { ...impliedWeights(ctx), ...ctx.brief.weights };
}

/** Every criterion of one candidate, weighed or not. */
export function criteriaOf(judged: Judged, weights: Record<CriterionId, number>): Criterion[] {
  return criterionRules.map(rule => {
    const measured = rule.read(judged);
    const own = judged.ctx.brief.points[rule.id];
    // Points of the user's own lie on a plain scale: a limit of 0 has no logarithm.
    const points: DesirabilityPoints = own ? { unacceptable: own[0], comfortable: own[1] } : measured;
    const criterion: Criterion = {
      id: rule.id,
      weight: weights[rule.id],
      value: measured.value,
      unit: measured.unit,
      unacceptable: points.unacceptable,
      comfortable: points.comfortable,
      desirability: desirabilityOn(measured.value, points),
    };
    if (points.log) criterion.log = true;
    if (measured.working) criterion.working = measured.working;
    if (measured.by) criterion.by = measured.by;
    return criterion;
  });
}
