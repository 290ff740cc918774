/** What a ranking weighs, in the order of the strata. */
export const criterionIds = [
  'heat',
  'ageing',
  'uv',
  'strength',
  'stiffness',
  'creep',
  'clamp',
  'impact',
  'wear',
  'flex',
  'water',
  'chemicals',
  'contact',
  'warp',
  'printability',
  'accuracy',
  'finish',
  'mass',
  'moisture',
  'air',
  'cost',
  'recycling',
] as const;

/** A criterion. Every table by criterion is keyed by it, so that the compiler names those that lack a new one. */
export type CriterionId = (typeof criterionIds)[number];
