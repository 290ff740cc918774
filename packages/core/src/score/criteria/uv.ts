import { effectiveColour } from '../../brief/looks.js';
import type { CriterionRule } from './criterion.js';

const weightBySun = { none: 0, reflected: 1, part: 3, full: 3 };

/** Sun: years to half the surface toughness over the years wanted. */
export const uvCriterion: CriterionRule = {
  id: 'uv',
  label: 'Sun',
  measure: 'life under ultraviolet light over the life wanted',
  weigh: ({ brief }) => weightBySun[brief.sun],
  read({ ctx: { brief, conditions }, assessment }) {
    const working = {
      model: 'uv.retained',
      inputs: {
        doseMJm2: conditions.uvDoseMJm2,
        halfDoseMJm2: assessment.halfDoseMJm2,
        colour: effectiveColour(brief),
        doseAYearMJm2: conditions.doseAYearMJm2,
      },
    };
    return {
      value: assessment.yearsToHalf / brief.lifeYears,
      unit: '× life',
      unacceptable: 0.25,
      comfortable: 1.5,
      ...(conditions.doseAYearMJm2 > 0 ? { working } : {}),
    };
  },
};
