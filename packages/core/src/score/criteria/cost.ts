import { between } from '../../lib/between.js';
import { pla } from '../../materials/families/pla.js';
import { printEconomics, type PrintEconomicsInput } from '../../print/economics.js';
import { partEconomicsInput } from '../../print/part-economics.js';
import type { Context } from '../context.js';
import type { CriterionRule } from './criterion.js';

/** Times the cost of the same part in plain PLA at which cost is unacceptable. */
const TOO_DEAR = 8;

/** Cost: what one part costs, as a multiple of the same part in plain PLA. */
export const costCriterion: CriterionRule = {
  id: 'cost',
  label: 'Cost',
  measure: 'cost of one part',
  weigh({ brief }) {
    if (brief.maxCostEach !== null || brief.purpose === 'prototype') return 3;
    return between(
      [
        [5, 2],
        [15, 3],
      ],
      brief.quantity,
    );
  },
  read({ ctx, economics, economicsInput }) {
    const plain = printEconomics(inPlainPla(ctx)).costEach;
    return {
      value: economics.costEach,
      unit: 'each',
      unacceptable: ctx.brief.maxCostEach ?? TOO_DEAR * plain,
      comfortable: ctx.brief.maxCostEach === null ? plain : Math.min(plain, ctx.brief.maxCostEach / 2),
      log: true,
      working: { model: 'print.economics', inputs: economicsInput },
    };
  },
};

/** The same part in plain PLA, on the same printer and always a success: the yardstick of cost and mass. */
export function inPlainPla({ brief, printer }: Context): PrintEconomicsInput {
  return partEconomicsInput(brief, pla, printer, 1);
}
