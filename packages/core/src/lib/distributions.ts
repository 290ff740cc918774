import jstat from 'jstat';

/**
 * Chance that a chi-square with `dof` degrees of freedom is above `x`.
 * @example chiSquareTail(3.841, 1); // 0.05
 */
export function chiSquareTail(x: number, dof: number): number {
  return 1 - jstat.jStat.chisquare.cdf(x, dof);
}

/**
 * Exact one-sided lower bound of a share of which `k` of `n` were seen (Clopper and Pearson 1934).
 * @param confidence 0 to 1
 * @example lowerShare(9, 9, 0.95); // 0.717
 */
export function lowerShare(k: number, n: number, confidence: number): number {
  return k === 0 ? 0 : jstat.jStat.beta.inv(1 - confidence, k, n - k + 1);
}

/** Quantile of a gamma distribution by its shape and rate. */
export function gammaQuantile(p: number, shape: number, rate: number): number {
  return jstat.jStat.gamma.inv(p, shape, 1 / rate);
}
