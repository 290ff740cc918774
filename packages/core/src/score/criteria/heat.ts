import { heatComfortK, ROOM_OVER_GATE } from '../comfort.js';
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
    return loads.length ? 4 : 3;
  },
  read: ({ ctx, assessment }) => ({
    value: assessment.allowableC - ctx.conditions.partMaxC,
    unit: 'K',
    unacceptable: 0,
    comfortable: ROOM_OVER_GATE * heatComfortK[ctx.brief.ifItFails],
    working: { model: 'heat.allowable', inputs: assessment.heatInput },
  }),
};
