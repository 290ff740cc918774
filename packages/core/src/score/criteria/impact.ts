import { IMPACT_COMFORT } from '../comfort.js';
import type { CriterionRule } from './criterion.js';

/** Room over what the gate calls comfortable that is still worth something. */
const IMPACT_ROOM = 1.2;

/** Toughness: reserve against the worst knock; without knocks, notched impact when cold. */
export const impactCriterion: CriterionRule = {
  id: 'impact',
  label: 'Toughness',
  measure: 'notched impact when cold',
  weigh: ({ loads }) => (loads.some(l => l.severityKJm2 !== null) ? 4 : 0),
  read({ assessment }) {
    const knock = Math.min(Infinity, ...assessment.loads.map(l => l.impactReserve ?? Infinity));
    return knock < Infinity
      ? { value: knock, unit: '× need', unacceptable: 1, comfortable: IMPACT_COMFORT * IMPACT_ROOM }
      : { value: assessment.charpyColdKJm2, unit: 'kJ/m²', unacceptable: 0.5, comfortable: 8 };
  },
};
