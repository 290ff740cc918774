import { recyclingOf, takenWords, type Recycling } from '../../materials/recycling.js';
import type { CriterionRule } from './criterion.js';

const points: Record<Recycling['taken'], number> = { household: 2, collected: 1, nobody: 0 };
const byPoints = Object.fromEntries(Object.entries(points).map(([taken, n]) => [n, taken])) as Record<
  number,
  Recycling['taken']
>;
const sentence = (value: number): string => {
  const words = takenWords[byPoints[value] ?? 'nobody'];
  return `When the part is done with, ${words}.`;
};

/** Recycling: who takes the part when it is done with. It weighs nothing until somebody asks for it. */
export const recyclingCriterion: CriterionRule = {
  id: 'recycling',
  label: 'Recycling',
  measure:
    'who takes it when it is done with: 2 household recycling, 1 a collection of its plastic, 0 no usual one',
  weigh: () => 0,
  read: ({ assessment: { family } }) => ({
    value: points[recyclingOf(family).taken],
    unit: 'of 2',
    unacceptable: 0,
    comfortable: 2,
  }),
  drawn: 'as-typical',
  says: { pro: c => sentence(c.value), con: c => sentence(c.value) },
};
