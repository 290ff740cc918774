import { chemicalsReading } from '../gates/chemicals.js';
import type { CriterionRule } from './criterion.js';

/** Chemicals: how the one that is borne worst is borne. */
export const chemicalsCriterion: CriterionRule = {
  id: 'chemicals',
  label: 'Chemicals',
  measure: 'how the worst of the chemicals is borne: 2 for good, 1 for a while, 0 not',
  weigh: ({ brief }) => (brief.contact.chemicals.length ? 3 : 0),
  read: ({ ctx, assessment }) => ({
    value: chemicalsReading(ctx, assessment.family),
    unit: 'of 2',
    unacceptable: 0,
    comfortable: 2,
  }),
  drawn: 'as-typical',
  says: {
    pro: c => (c.value >= 2 ? 'Bears what touches it for good.' : 'Bears what touches it for a while.'),
    con: c => (c.value > 0 ? 'Bears what touches it only for a while.' : 'Is attacked by what touches it.'),
  },
};
