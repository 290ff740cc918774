import { ramp } from '../../lib/between.js';
import { typical } from '../../materials/family.js';
import { ageingInput } from '../assess.js';
import { ageingLimits } from '../comfort.js';
import { years, share } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Part temperatures from which long heat is worth weighing, and from which it weighs wholly, °C. */
const WARM_C = { from: 40, wholly: 50 };

/** Long heat: the strength that is left at the end of the life. */
export const ageingCriterion: CriterionRule = {
  id: 'ageing',
  label: 'Long heat',
  measure: 'strength left after years of heat',
  weigh: ({ conditions }) => 2 * ramp(conditions.partMaxC, WARM_C.from, WARM_C.wholly),
  read: ({ ctx, assessment }) => ({
    value: assessment.ageing.retained,
    unit: 'left',
    unacceptable: ageingLimits.fail,
    comfortable: ageingLimits.comfortable,
    working: {
      model: 'heat.ageing',
      inputs: ageingInput(ctx, typical(assessment.family, 'ageingIndexC')),
    },
  }),
  drawn:
    (_ctx, _family, { lasting }) =>
    () =>
      lasting.aged,
  says: {
    pro: (c, ctx) => `Keeps ${share(c.value)} of its strength through ${years(ctx)} of heat.`,
    con: (c, ctx) => `${years(ctx)} of heat leave ${share(c.value)} of its strength.`,
  },
};
