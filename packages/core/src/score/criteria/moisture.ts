import { typical } from '../../materials/family.js';
import { slot } from '../draws/slots.js';
import { two } from '../sentences.js';
import type { CriterionRule } from './criterion.js';

const weightByWater = { dry: 0, humid: 2, rain: 2, immersed: 3 };

/** Moisture: how much water it takes up. */
export const moistureCriterion: CriterionRule = {
  id: 'moisture',
  label: 'Moisture',
  measure: 'water taken up',
  weigh: ({ brief }) => weightByWater[brief.water],
  read: ({ assessment }) => ({
    value: typical(assessment.family, 'waterUptakePct'),
    unit: '%',
    unacceptable: 6,
    comfortable: 0.5,
  }),
  drawn: () => values => values[slot.waterUptakePct]!,
  says: {
    pro: c => `Takes up ${two(c.value)} % water.`,
    con: c => `Takes up ${two(c.value)} % water, and changes with it.`,
  },
};
