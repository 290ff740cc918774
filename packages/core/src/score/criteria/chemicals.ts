import type { Resistance } from '../../materials/family.js';
import type { CriterionRule } from './criterion.js';

const rank: Record<Resistance, number> = { good: 2, fair: 1, poor: 0 };

/** Chemicals: how the one that is borne worst is borne. */
export const chemicalsCriterion: CriterionRule = {
  id: 'chemicals',
  label: 'Chemicals',
  measure: 'how the worst of the chemicals is borne: 2 for good, 1 for a while, 0 not',
  weigh: ({ brief }) => (brief.contact.chemicals.length ? 3 : 0),
  read: ({ ctx, assessment }) => ({
    value: Math.min(2, ...ctx.brief.contact.chemicals.map(c => rank[assessment.family.chemicals[c]])),
    unit: 'of 2',
    unacceptable: 0,
    comfortable: 2,
  }),
};
