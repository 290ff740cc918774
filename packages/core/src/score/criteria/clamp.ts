import { clampLimits } from '../comfort.js';
import { loosest } from '../gates/clamp.js';
import { share } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Clamp: the share of its force that a squeezed joint keeps. */
export const clampCriterion: CriterionRule = {
  id: 'clamp',
  label: 'Clamp',
  measure: 'grip left in a squeezed joint',
  weigh: ({ loads }) => (loads.some(l => l.clamped) ? 3 : 0),
  read: ({ assessment }) => ({
    value: loosest(assessment)?.clampLeft ?? 1,
    unit: 'left',
    unacceptable: clampLimits.fail,
    comfortable: clampLimits.comfortable,
  }),
  drawn:
    (_ctx, _family, { loads }) =>
    () =>
      loads.clampLeft,
  says: {
    pro: c => `A squeezed joint keeps ${share(c.value)} of its grip.`,
    con: c => `A squeezed joint keeps only ${share(c.value)} of its grip.`,
  },
};
