import { deflectionLimits } from '../comfort.js';
import { mostBent } from '../gates/stiffness.js';
import { movement } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Stiffness: how far a loaded span bends at once. */
export const stiffnessCriterion: CriterionRule = {
  id: 'stiffness',
  label: 'Stiffness',
  measure: 'deflection at once',
  weigh: ({ brief, loads }) =>
    loads.some(l => l.deflectionTimesModulus !== null) && brief.flex.want === 'rigid' ? 2 : 0,
  read({ ctx, assessment }) {
    const worst = mostBent(assessment);
    const limits = deflectionLimits(ctx.brief);
    return {
      value: worst?.nowPct ?? 0,
      unit: '% of span',
      unacceptable: limits.fail,
      comfortable: limits.comfortable,
      ...(worst?.working ? { working: worst.working } : {}),
    };
  },
  drawn:
    (_ctx, _family, { loads }) =>
    () =>
      loads.deflectionPct,
  says: {
    pro: c => `Stiff enough: its load bends it ${movement(c)}.`,
    con: c => `Its load bends it ${movement(c)}.`,
  },
};
