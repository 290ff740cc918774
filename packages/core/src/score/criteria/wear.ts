import { wearReading } from '../gates/wear.js';
import type { CriterionRule } from './criterion.js';

/** Wear: how it bears sliding or teeth. */
export const wearCriterion: CriterionRule = {
  id: 'wear',
  label: 'Wear',
  measure: 'how it bears rubbing: 2 well, 1 for a while, 0 badly',
  weigh: ({ brief }) => (brief.wear === 'none' ? 0 : 4),
  read: ({ ctx, assessment }) => ({
    value: wearReading(ctx, assessment.family),
    unit: 'of 2',
    unacceptable: 0,
    comfortable: 2,
  }),
  drawn: 'as-typical',
  says: {
    pro: c => (c.value >= 2 ? 'Bears rubbing well.' : 'Bears rubbing for a while.'),
    con: c => (c.value > 0 ? 'Bears rubbing for a while.' : 'Wears quickly.'),
  },
};
