import { isHeldLong } from '../../brief/held.js';
import { deflectionLimits } from '../comfort.js';
import { worstCreep } from '../gates/creep.js';
import type { CriterionRule } from './criterion.js';

/** Share of what the gate calls comfortable that is as good as none. */
const STILL = 0.75;

/** Creep: how far a held load has moved the part at the end of its life. */
export const creepCriterion: CriterionRule = {
  id: 'creep',
  label: 'Creep',
  measure: 'deflection after the whole life',
  weigh({ brief, loads }) {
    const moves = loads.some(l => isHeldLong(l) && l.stressMPa !== null && !l.clamped);
    return moves && brief.flex.want !== 'rubbery' ? 3 : 0;
  },
  read({ ctx, assessment }) {
    const worst = worstCreep(assessment);
    const limits = deflectionLimits(ctx.brief);
    return {
      value: worst?.lifePct ?? 0,
      unit: worst?.load.spanMm ? '% of span' : '% strain',
      unacceptable: limits.fail,
      comfortable: STILL * limits.comfortable,
    };
  },
};
