import type { CriterionRule } from './criterion.js';

/** Heat: kelvins between the hottest the part gets and what the candidate bears. */
export const heatCriterion: CriterionRule = {
  id: 'heat',
  label: 'Heat',
  measure: 'margin to softening',
  weigh({ brief, conditions, loads }) {
    if (conditions.partMaxC < 35) return 1;
    if (conditions.partMaxC < 45) return 2;
    if (brief.purpose === 'decorative') return 2;
    // Once it passes the gate, a part that carries nothing gains little from more margin.
    return loads.length ? 4 : 3;
  },
  read: ({ ctx, assessment }) => ({
    value: assessment.allowableC - ctx.conditions.partMaxC,
    unit: 'K',
    unacceptable: 0,
    comfortable: 20,
    working: { model: 'heat.allowable', inputs: assessment.heatInput },
  }),
};
