import { isHeldLong } from '../../brief/held.js';
import { CREEP_LIMIT_PCT, worstCreep } from '../gates/creep.js';
import type { CriterionRule } from './criterion.js';

/** Creep: how far a held load has moved the part at the end of its life. */
export const creepCriterion: CriterionRule = {
  id: 'creep',
  label: 'Creep',
  measure: 'deflection after the whole life',
  weigh: ({ brief, loads }) => (loads.some(isHeldLong) && brief.flex.want !== 'rubbery' ? 3 : 0),
  read({ assessment }) {
    const worst = worstCreep(assessment);
    return {
      value: worst?.lifePct ?? 0,
      unit: worst?.load.spanMm ? '% of span' : '% strain',
      unacceptable: CREEP_LIMIT_PCT.fail,
      comfortable: 1.2,
    };
  },
};
