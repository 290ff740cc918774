import type { CriterionRule } from './criterion.js';

/** Toughness: reserve against the worst knock; without knocks, notched impact when cold. */
export const impactCriterion: CriterionRule = {
  id: 'impact',
  label: 'Toughness',
  measure: 'notched impact when cold',
  weigh: ({ loads }) => (loads.some(l => l.severityKJm2 !== null) ? 4 : 0),
  read({ assessment }) {
    const knock = Math.min(Infinity, ...assessment.loads.map(l => l.impactReserve ?? Infinity));
    return knock < Infinity
      ? { value: knock, unit: '× need', unacceptable: 0.7, comfortable: 2 }
      : { value: assessment.charpyColdKJm2, unit: 'kJ/m²', unacceptable: 0.5, comfortable: 8 };
  },
};
