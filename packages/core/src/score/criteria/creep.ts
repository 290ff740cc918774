import { creepShare } from '../../brief/held.js';
import { deflectionLimits } from '../comfort.js';
import { worstCreep } from '../gates/creep.js';
import { years, movement } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Creep: how far a held load has moved the part at the end of its life. */
export const creepCriterion: CriterionRule = {
  id: 'creep',
  label: 'Creep',
  measure: 'deflection after the whole life',
  weigh({ brief, loads }) {
    if (brief.flex.want === 'rubbery') return 0;
    const moved = loads.filter(l => l.stressMPa !== null && !l.clamped);
    return 3 * Math.max(0, ...moved.map(creepShare));
  },
  read({ ctx, assessment }) {
    const worst = worstCreep(assessment);
    const limits = deflectionLimits(ctx.brief);
    return {
      value: worst?.lifePct ?? 0,
      unit: worst?.load.spanMm ? '% of span' : '% strain',
      unacceptable: limits.fail,
      comfortable: limits.comfortable,
    };
  },
  drawn:
    (_ctx, _family, { loads }) =>
    () =>
      loads.creepPct,
  says: {
    pro: (c, ctx) => `Moves no more than ${movement(c)} in ${years(ctx)}.`,
    con: (c, ctx) => `Creeps to ${movement(c)} in ${years(ctx)}.`,
  },
};
