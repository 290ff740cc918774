import type { PrintEconomicsInput } from '../../print/economics.js';
import type { CriterionRule } from './criterion.js';

/** Cost: what one part costs, against a limit or against the part in an ordinary filament. */
export const costCriterion: CriterionRule = {
  id: 'cost',
  label: 'Cost',
  measure: 'cost of one part',
  weigh({ brief }) {
    if (brief.maxCostEach !== null || brief.quantity >= 10 || brief.purpose === 'prototype') return 3;
    return brief.purpose === 'functional' ? 1 : 2;
  },
  read({ ctx, economics, economicsInput }) {
    const limit = ctx.brief.maxCostEach ?? referenceCost(economicsInput) * 3;
    return {
      value: economics.costEach,
      unit: 'each',
      unacceptable: limit,
      comfortable: limit * 0.4,
      working: { model: 'print.economics', inputs: economicsInput },
    };
  },
};

/** Cost of the part in an ordinary filament at 24 a kilogram, the yardstick when no limit is given. */
function referenceCost(i: PrintEconomicsInput): number {
  const massG = i.volumeCm3 * i.solidFraction * 1.24;
  return (massG / 1000) * 24 + i.labour + (i.machinePerHour * massG) / 20;
}
