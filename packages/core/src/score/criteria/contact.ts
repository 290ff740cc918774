import { contactGate } from '../gates/contact.js';
import type { CriterionRule } from './criterion.js';

const rank = { pass: 2, marginal: 1, fail: 0 };

/** Contact: what is known against its touching food or skin. */
export const contactCriterion: CriterionRule = {
  id: 'contact',
  label: 'Contact',
  measure: 'what is known against food or skin: 2 nothing, 1 a doubt, 0 it sheds',
  weigh: ({ brief }) => (brief.contact.food !== 'none' || brief.contact.skin ? 2 : 0),
  read: ({ ctx, assessment }) => ({
    value: rank[contactGate(ctx, assessment)?.verdict ?? 'pass'],
    unit: 'of 2',
    unacceptable: 0,
    comfortable: 2,
  }),
  drawn: 'as-typical',
  says: {
    pro: c =>
      c.value >= 2
        ? 'Nothing in the polymer speaks against what it touches.'
        : 'Little in it speaks against what it touches.',
    con: () => 'What is in it speaks against what it touches.',
  },
};
