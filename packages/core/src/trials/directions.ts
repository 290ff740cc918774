/** What criteria are called of which less is better; of every other more is. */
const LESS = new Set(
  [
    'mass',
    'weight',
    'price',
    'cost',
    'time',
    'minutes',
    'hours',
    'difficulty',
    'fettling',
    'deviation',
    'error',
  ].concat([
    'warp',
    'bow',
    'sag',
    'creep',
    'wear',
    'scratch',
    'moisture',
    'absorbed',
    'soak',
    'stringing',
    'rank',
  ]),
);

/** Whether less of a criterion is better, by its name: "mass", "massG", "heat-sag". */
export function isLessBetter(criterion: string): boolean {
  const words = criterion
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .split(/[^a-z]+/);
  return words.some(w => LESS.has(w));
}
