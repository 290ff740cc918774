import type { Chance } from './random.js';

/**
 * Points that fill the unit cube more evenly than independent ones (McKay, Beckman and Conover 1979): along each axis
 * every one of `count` equal strata holds one point, at chance within it, and the axes are shuffled apart. What depends
 * on one axis at a time is then averaged nearly without error.
 * @returns by axis, the points' coordinates in (0, 1)
 * @example latinHypercube(chance(1), 4, 2)[0]; // one number in each quarter, in some order
 */
export function latinHypercube(source: Chance, count: number, axes: number): Float64Array[] {
  return Array.from({ length: axes }, () => {
    const along = new Float64Array(count);
    // Fisher and Yates, while filling: a stratum goes to a place at chance among those filled so far.
    for (let i = 0; i < count; i++) {
      const at = Math.floor(source.uniform() * (i + 1));
      along[i] = along[at]!;
      along[at] = (i + source.uniform()) / count;
    }
    return along;
  });
}
