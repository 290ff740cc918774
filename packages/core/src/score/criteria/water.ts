import { ageingLimits } from '../comfort.js';
import { years, share } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Share left from which being wet for years is worth no more thought. */
const LASTING = 0.85;

const weightByWater = { dry: 0, humid: 1, rain: 1, immersed: 3 };

/** Water: the strength that years in it leave. */
export const waterCriterion: CriterionRule = {
  id: 'water',
  label: 'Water',
  measure: 'strength left after years in water',
  weigh: ({ brief }) => weightByWater[brief.water],
  read({ assessment: { water } }) {
    const working = water && { model: 'water.life', inputs: water.input };
    return {
      value: water?.result.retained ?? 1,
      unit: 'left',
      unacceptable: ageingLimits.fail,
      comfortable: LASTING,
      ...(working ? { working } : {}),
    };
  },
  drawn:
    (_ctx, _family, { lasting }) =>
    () =>
      lasting.soaked,
  says: {
    pro: (c, ctx) => `Keeps ${share(c.value)} of its strength through ${years(ctx)} in water.`,
    con: (c, ctx) => `${years(ctx)} in water leave ${share(c.value)} of its strength.`,
  },
};
