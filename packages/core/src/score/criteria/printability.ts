import { two } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

/** Printing: the chance that the first print succeeds. */
export const printabilityCriterion: CriterionRule = {
  id: 'printability',
  label: 'Printing',
  measure: 'chance that the first print succeeds',
  weigh: ({ brief }) => (brief.purpose === 'functional' ? 3 : 4),
  read: ({ printability }) => ({
    value: printability.success,
    unit: 'first-print chance',
    unacceptable: 0.5,
    comfortable: 0.98,
  }),
  drawn:
    (_ctx, _family, { print }) =>
    () =>
      print.success,
  says: {
    pro: c => `The first print comes out ${two(100 * c.value)} times in 100.`,
    con: c => `The first print comes out ${two(100 * c.value)} times in 100.`,
  },
};
