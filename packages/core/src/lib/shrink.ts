import type { Belief } from './posterior.js';

/** What was measured of one group: its mean, and the standard error of that. */
export interface GroupMean {
  mean: number;
  se: number;
}

/** What is believed of all groups together, and of each. */
export interface Shrunk {
  overall: Belief;
  groups: Belief[];
}

/**
 * Groups that are alike but not the same, such as makers of one plastic: yᵢ ~ N(θᵢ, seᵢ²), θᵢ ~ N(μ, τ²), μ normal
 * beforehand (Gelman et al., Bayesian Data Analysis, 3rd ed., §5.4, with τ known). Each group is drawn towards what the
 * others say, the more so the less was measured of it, and the whole moves only as far as several agree.
 * @param between standard deviation between groups, τ
 * @param prior of μ
 * @example shrunk([{ mean: 1, se: 0.1 }], 0.5, { mean: 0, sd: 1 }).groups[0]!.mean // 0.99
 */
export function shrunk(groups: readonly GroupMean[], between: number, prior: Belief): Shrunk {
  /** What the groups but one say of μ. */
  const overallWithout = (left: number): Belief => {
    let precision = 1 / prior.sd ** 2;
    let pull = prior.mean / prior.sd ** 2;
    groups.forEach(({ mean, se }, i) => {
      if (i === left) return;
      const weight = 1 / (se ** 2 + between ** 2);
      precision += weight;
      pull += weight * mean;
    });
    return { mean: pull / precision, sd: precision ** -0.5 };
  };
  return {
    overall: overallWithout(-1),
    groups: groups.map(({ mean, se }, i) => {
      const others = overallWithout(i);
      const spread = others.sd ** 2 + between ** 2;
      // Measured without error it is what it is.
      if (se === 0) return { mean, sd: 0 };
      const precision = 1 / spread + 1 / se ** 2;
      return { mean: (others.mean / spread + mean / se ** 2) / precision, sd: precision ** -0.5 };
    }),
  };
}
