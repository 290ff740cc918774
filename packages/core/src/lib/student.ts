/** Quantile of the standard normal at 97.5 %. */
const Z975 = 1.959964;

/**
 * Quantile of Student's t at 97.5 %, for 95 % intervals: exact for one and two degrees of freedom, else the
 * Cornish–Fisher expansion (Abramowitz and Stegun 26.7.5), right to 1 % at three and closer beyond.
 * @param dof degrees of freedom, at least 1
 * @example t975(9); // 2.262
 */
export function t975(dof: number): number {
  if (dof < 2) return Math.tan(Math.PI * 0.475);
  if (dof < 3) return 0.95 * Math.sqrt(2 / (4 * 0.975 * 0.025));
  const z = Z975;
  const first = (z ** 3 + z) / 4;
  const second = (5 * z ** 5 + 16 * z ** 3 + 3 * z) / 96;
  const third = (3 * z ** 7 + 19 * z ** 5 + 17 * z ** 3 - 15 * z) / 384;
  return z + first / dof + second / dof ** 2 + third / dof ** 3;
}
