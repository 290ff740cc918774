import { typical } from '../../materials/family.js';
import { ageingInput } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import type { CriterionRule } from './criterion.js';

/** Part temperature from which long heat is worth weighing, °C: below it every family lasts a lifetime. */
const WARM_C = 45;

/** Long heat: the strength that is left at the end of the life. */
export const ageingCriterion: CriterionRule = {
  id: 'ageing',
  label: 'Long heat',
  measure: 'strength left after years of heat',
  weigh: ({ conditions }) => (conditions.partMaxC >= WARM_C ? 2 : 0),
  read: ({ ctx, assessment }) => ({
    value: assessment.ageing.retained,
    unit: 'left',
    unacceptable: ageingLimits.fail,
    comfortable: 0.8,
    working: {
      model: 'heat.ageing',
      inputs: ageingInput(ctx, typical(assessment.family, 'ageingIndexC')),
    },
  }),
};
