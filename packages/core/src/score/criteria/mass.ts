import { typical } from '../../materials/family.js';
import type { CriterionRule } from './criterion.js';

/** Mass: grams of one part; for what must float by itself, the plastic's own density. */
export const massCriterion: CriterionRule = {
  id: 'mass',
  label: 'Mass',
  measure: 'mass of one part',
  weigh({ brief }) {
    if (brief.mustFloat) return 5;
    return brief.maxMassG === null ? 0 : 2;
  },
  read({ ctx, assessment, economics, economicsInput }) {
    const { brief } = ctx;
    // What must float is judged by the plastic's own density: the less it leans on sealed hollows the better.
    if (brief.mustFloat && brief.maxMassG === null)
      return {
        value: typical(assessment.family, 'densityGcm3'),
        unit: 'g/cm³',
        unacceptable: 1.15,
        comfortable: 0.9,
      };
    const limit = brief.maxMassG ?? 2 * ctx.volumeCm3 * brief.geometry.solidFraction;
    return {
      value: economics.massG,
      unit: 'g',
      unacceptable: limit,
      comfortable: 0.6 * limit,
      working: { model: 'print.economics', inputs: economicsInput },
    };
  },
};
