import { xoroshiro128plus } from 'pure-rand';

/** A seeded source of chance. The same seed gives the same numbers on every machine. */
export interface Chance {
  /** Uniform in (0, 1), 32 bits. */
  uniform: () => number;
  /** Standard normal. */
  normal: () => number;
  /** Gamma of unit scale. @param shape above 0 */
  gamma: (shape: number) => number;
}

/** Starts a source of chance. @param seed a whole number */
export function chance(seed: number): Chance {
  const generator = xoroshiro128plus(seed | 0);
  const uniform = (): number => ((generator.unsafeNext() >>> 0) + 0.5) / 4294967296;
  let spare: number | null = null;
  // Marsaglia's polar method (1964): two at a time.
  const normal = (): number => {
    if (spare !== null) {
      const s = spare;
      spare = null;
      return s;
    }
    for (;;) {
      const [a, b] = [2 * uniform() - 1, 2 * uniform() - 1];
      const r = a * a + b * b;
      if (r >= 1 || r === 0) continue;
      const k = Math.sqrt((-2 * Math.log(r)) / r);
      spare = b * k;
      return a * k;
    }
  };
  // Marsaglia and Tsang (2000); a shape under 1 by U^(1/shape) of the one above.
  const gamma = (shape: number): number => {
    if (shape < 1) return gamma(shape + 1) * uniform() ** (1 / shape);
    const d = shape - 1 / 3;
    const c = 1 / Math.sqrt(9 * d);
    for (;;) {
      const x = normal();
      const t = 1 + c * x;
      if (t <= 0) continue;
      const v = t * t * t;
      if (Math.log(uniform()) < 0.5 * x * x + d - d * v + d * Math.log(v)) return d * v;
    }
  };
  return { uniform, normal, gamma };
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

/** Fills `into` with a Dirichlet draw about the stated weights: shapes concentration × share; those that weigh nothing stay 0. The sum is 1. */
export function dirichlet(
  source: Chance,
  weights: readonly number[],
  concentration: number,
  into: Float64Array,
): void {
  const total = weights.reduce((s, w) => s + w, 0);
  let sum = 0;
  for (let i = 0; i < weights.length; i++) {
    const w = weights[i]!;
    const g = w > 0 ? source.gamma((concentration * w) / total) : 0;
    into[i] = g;
    sum += g;
  }
  for (let i = 0; i < weights.length; i++) into[i] = sum > 0 ? into[i]! / sum : 0;
}
