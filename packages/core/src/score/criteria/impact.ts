import { IMPACT_COMFORT } from '../comfort.js';
import { two, times } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Toughness: reserve against the worst knock; where there is none, notched impact when cold. */
export const impactCriterion: CriterionRule = {
  id: 'impact',
  label: 'Toughness',
  measure: 'what it takes of a knock when coldest, over the knock',
  // What may hurt someone must not break without warning, even where nothing knocks on it.
  weigh: ({ brief, loads }) =>
    loads.some(l => l.severityKJm2 !== null) ? 4 : brief.ifItFails === 'injures' ? 2 : 0,
  read({ assessment }) {
    const knock = Math.min(Infinity, ...assessment.loads.map(l => l.impactReserve ?? Infinity));
    return knock < Infinity
      ? { value: knock, unit: '× need', unacceptable: 1, comfortable: IMPACT_COMFORT }
      : { value: assessment.charpyColdKJm2, unit: 'kJ/m²', unacceptable: 0.5, comfortable: 8 };
  },
  drawn:
    (_ctx, _family, { loads }) =>
    () =>
      loads.knocks ? loads.knock : loads.charpyCold,
  says: {
    pro: c =>
      c.unit === '× need'
        ? `Takes ${times(c.value)} the knock, safety included.`
        : `Tough: ${two(c.value)} kJ/m² notched when cold.`,
    con: c =>
      c.unit === '× need'
        ? `Takes ${times(c.value)} the knock, safety included.`
        : `Brittle: ${two(c.value)} kJ/m² notched when cold.`,
  },
};
