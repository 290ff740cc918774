import { typicalOrNull } from '../../materials/family.js';
import { ageingLimits } from '../comfort.js';
import type { CriterionRule } from './criterion.js';

/** Water: the strength that years in it leave. */
export const waterCriterion: CriterionRule = {
  id: 'water',
  label: 'Water',
  measure: 'strength left after years in water',
  weigh: ({ brief }) => (brief.water === 'immersed' ? 3 : 0),
  read({ ctx, assessment: { family, water } }) {
    const working = water && {
      model: 'water.life',
      inputs: {
        halfLife23Y: typicalOrNull(family, 'waterHalfLifeY'),
        waterC: water.waterC,
        years: ctx.brief.lifeYears,
      },
    };
    return {
      value: water?.result.retained ?? 1,
      unit: 'left',
      unacceptable: ageingLimits.fail,
      comfortable: 0.8,
      ...(working ? { working } : {}),
    };
  },
};
