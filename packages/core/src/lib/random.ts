import { randomGamma, randomNormal } from 'd3-random';
import { xoroshiro128plus } from 'pure-rand';

/** A seeded source of chance. The same seed gives the same numbers on every machine. */
export interface Chance {
  /** Uniform in (0, 1), 32 bits. */
  uniform: () => number;
  /** Standard normal. */
  normal: () => number;
}

/** Starts a source of chance. @param seed a whole number */
export function chance(seed: number): Chance {
  const generator = xoroshiro128plus(seed | 0);
  const uniform = (): number => ((generator.unsafeNext() >>> 0) + 0.5) / 4294967296;
  return { uniform, normal: randomNormal.source(uniform)() };
}

/** A triangular variate from a uniform one, by the inverse distribution: low and high ends, mode between. */
export function triangular(u: number, low: number, mode: number, high: number): number {
  const span = high - low;
  if (span <= 0) return mode;
  const left = mode - low;
  return u * span < left
    ? low + Math.sqrt(u * span * left)
    : high - Math.sqrt((1 - u) * span * (high - mode));
}

/**
 * Draws from a Dirichlet distribution about stated weights: shapes concentration × share; those that weigh nothing
 * stay 0. A draw is a set of gamma variates over their sum.
 * @returns fills an array of the weights' length with one draw, whose sum is 1
 */
export function dirichlet(
  source: Chance,
  weights: readonly number[],
  concentration: number,
): (into: Float64Array) => void {
  const total = weights.reduce((s, w) => s + w, 0);
  const gamma = randomGamma.source(source.uniform);
  const parts = weights.map(w => (w > 0 ? gamma((concentration * w) / total) : () => 0));
  return into => {
    let sum = 0;
    for (let i = 0; i < parts.length; i++) {
      into[i] = parts[i]!();
      sum += into[i]!;
    }
    for (let i = 0; i < parts.length; i++) into[i] = sum > 0 ? into[i]! / sum : 0;
  };
}
