import jstat from 'jstat';

/**
 * Quantile of Student's t at 97.5 %, for 95 % intervals.
 * @param dof degrees of freedom, at least 1
 * @example t975(9); // 2.262
 */
export function t975(dof: number): number {
  return jstat.jStat.studentt.inv(0.975, dof);
}
