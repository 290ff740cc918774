import { errorFunction } from 'simple-statistics';

/** Standard normal distribution function, Φ(x) = ½·(1 + erf(x/√2)). */
export function normalCdf(x: number): number {
  return (1 + errorFunction(x / Math.SQRT2)) / 2;
}
