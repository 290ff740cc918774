import type { CriterionRule } from './criterion.js';

/** Stiffness: how far a loaded span bends at once. */
export const stiffnessCriterion: CriterionRule = {
  id: 'stiffness',
  label: 'Stiffness',
  measure: 'deflection at once',
  weigh: ({ brief, loads }) =>
    loads.some(l => l.deflectionTimesModulus !== null) && brief.flex.want === 'rigid' ? 2 : 0,
  read({ assessment }) {
    const bends = assessment.loads.filter(l => l.load.deflectionTimesModulus !== null);
    return {
      value: Math.max(0, ...bends.map(l => l.nowPct ?? 0)),
      unit: '% of span',
      unacceptable: 5,
      comfortable: 1,
    };
  },
};
