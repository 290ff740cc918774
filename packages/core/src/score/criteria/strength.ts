import { worstReserve } from '../gates/strength.js';
import { STRENGTH_COMFORT } from '../comfort.js';
import { times } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Strength: what the candidate may carry over what is asked, safety included. */
export const strengthCriterion: CriterionRule = {
  id: 'strength',
  label: 'Strength',
  measure: 'allowable stress over stress with safety',
  weigh({ brief, loads }) {
    if (!loads.some(l => l.stressMPa !== null || l.strainPct !== null)) return 0;
    return brief.ifItFails === 'damages' || brief.ifItFails === 'injures' ? 4 : 3;
  },
  read: ({ assessment }) => ({
    value: worstReserve(assessment)?.reserve ?? Infinity,
    unit: '× need',
    unacceptable: 1,
    comfortable: STRENGTH_COMFORT,
  }),
  drawn:
    (_ctx, _family, { loads }) =>
    () =>
      loads.reserve,
  says: {
    pro: c => `Carries ${times(c.value)} what is asked, safety included.`,
    con: c => `Carries ${times(c.value)} what is asked, safety included.`,
  },
};
