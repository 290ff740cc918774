import { surfaceEase } from '../gates/surface.js';
import type { CriterionRule } from './criterion.js';

/** Finish: how fair the surface is straight off the printer, and how easily it becomes what is wished of it. */
export const finishCriterion: CriterionRule = {
  id: 'finish',
  label: 'Finish',
  measure: 'fairness of the surface',
  weigh({ brief }) {
    if (brief.looks.finish === 'fine') return 4;
    if (brief.looks.wishes.length) return 3;
    if (brief.looks.finish === 'fair') return 2;
    return brief.purpose === 'decorative' ? 3 : 0;
  },
  read: ({ ctx, assessment }) => {
    const { wishes, finish } = ctx.brief.looks;
    const asPrinted = assessment.family.flags.finish;
    const counts = finish !== 'any' || !wishes.length;
    return {
      value: Math.min(counts ? asPrinted : 1, surfaceEase(assessment.family, wishes)),
      unit: 'of 1',
      unacceptable: 0.3,
      comfortable: 0.82,
    };
  },
  drawn: 'as-typical',
  says: { pro: () => 'Prints with a fair surface.', con: () => 'Shows its layers.' },
};
