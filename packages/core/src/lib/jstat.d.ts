declare module 'jstat' {
  /** The few distributions of jStat that are used here. */
  export const jStat: {
    beta: { inv(p: number, alpha: number, beta: number): number };
    studentt: { inv(p: number, dof: number): number };
    chisquare: { cdf(x: number, dof: number): number; inv(p: number, dof: number): number };
    gamma: {
      inv(p: number, shape: number, scale: number): number;
      cdf(x: number, shape: number, scale: number): number;
    };
  };
  const whole: { jStat: typeof jStat };
  export default whole;
}
