import { inverse, Matrix } from 'ml-matrix';

/** One row of a straight-line model y = Σ xᵢ·βᵢ, and how much it counts (1 over its variance). */
export interface WeightedRow {
  x: readonly number[];
  y: number;
  weight: number;
}

/** What is believed of a coefficient: a normal with this mean and standard deviation. */
export interface Belief {
  mean: number;
  sd: number;
}

/**
 * Normal beliefs about the coefficients of a linear model after weighted rows were seen: precision Λ = Λ₀ + XᵀWX, mean
 * Λ⁻¹(Λ₀μ₀ + XᵀWy) (Gelman et al., Bayesian Data Analysis, 3rd ed., §14.8, with known variances).
 * @returns a belief a coefficient, each marginal
 */
export function posterior(rows: readonly WeightedRow[], priors: readonly Belief[]): Belief[] {
  const precision = Matrix.diag(priors.map(p => 1 / p.sd ** 2));
  const pull = Matrix.columnVector(priors.map(p => p.mean / p.sd ** 2));
  for (const { x, y, weight } of rows) {
    const column = Matrix.columnVector([...x]);
    precision.add(Matrix.mul(column.mmul(column.transpose()), weight));
    pull.add(Matrix.mul(column, weight * y));
  }
  const covariance = inverse(precision);
  const means = covariance.mmul(pull);
  return priors.map((_, i) => ({ mean: means.get(i, 0), sd: Math.sqrt(covariance.get(i, i)) }));
}
