import type { CriterionRule } from './criterion.js';

/** Finish: how fair the surface is straight off the printer. */
export const finishCriterion: CriterionRule = {
  id: 'finish',
  label: 'Finish',
  measure: 'fairness of the surface',
  weigh({ brief }) {
    if (brief.looks.finish === 'fine') return 4;
    if (brief.looks.finish === 'fair') return 2;
    return brief.purpose === 'decorative' ? 3 : 0;
  },
  read: ({ assessment }) => ({
    value: assessment.family.flags.finish,
    unit: 'of 1',
    unacceptable: 0.3,
    comfortable: 0.82,
  }),
  drawn: 'as-typical',
  says: { pro: () => 'Prints with a fair surface.', con: () => 'Shows its layers.' },
};
