import { between } from '../../lib/between.js';
import { pla } from '../../materials/families/pla.js';
import { printEconomics, type PrintEconomicsInput } from '../../print/economics.js';
import { partEconomicsInput } from '../../print/part-economics.js';
import type { Context } from '../context.js';
import { two } from '../sentences.js';
import { price } from '../../lib/figures.js';
import type { Criterion, CriterionRule } from './criterion.js';

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
  drawn:
    (_ctx, _family, { print }) =>
    () =>
      print.costEach,
  says: { pro: costWords, con: costWords },
};

/** The same part in plain PLA, on the same printer and always a success: the yardstick of cost and mass. */
export function inPlainPla({ brief, printer }: Context): PrintEconomicsInput {
  return partEconomicsInput(brief, pla, printer, 1);
}

/** A cost with what it is to be compared with: the same part in plain PLA, or the limit that was set. */
function costWords(c: Criterion, ctx: Context): string {
  const { maxCostEach } = ctx.brief;
  if (maxCostEach !== null) return `Costs ${price(c.value)} each, of at most ${price(maxCostEach)}.`;
  const ratio = c.value / c.comfortable;
  return ratio < 1.05
    ? `Costs ${price(c.value)} each, as the same part in plain PLA.`
    : `Costs ${price(c.value)} each, ${two(ratio)} times the same part in plain PLA.`;
}
