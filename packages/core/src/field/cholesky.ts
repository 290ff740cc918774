import type { Operator } from './level.js';

/** A small operator, factorised: its free numbers in an order in which they lie near each other, and a band of rows. */
export interface Cholesky {
  free: Int32Array;
  /** Numbers to the left of the diagonal that a row may have. */
  band: number;
  /** Row by row the band and the diagonal: `band + 1` numbers each. */
  factor: Float64Array;
}

/**
 * What is added to the diagonal, as a share of it: a shape that nothing holds has no other inverse. More than what
 * rounding leaves of coarse matrices, which are kept in single precision.
 */
const LIFTED = 3e-6;

/** The axis along which a grid is longest: nodes are counted along it last, so that the band is narrow. */
function longestAxis(counts: readonly [number, number, number]): 0 | 1 | 2 {
  return counts.indexOf(Math.max(...counts)) as 0 | 1 | 2;
}

/** How much work a factorisation takes: unknowns × the square of the band. */
export function choleskyWork({
  counts,
  inverseDiagonal,
}: Pick<Operator, 'counts' | 'inverseDiagonal'>): number {
  const free = inverseDiagonal.reduce((sum, d) => sum + Number(d > 0), 0);
  const longest = longestAxis(counts);
  const section = counts.reduce((product, n, k) => (k === longest ? product : product * (n + 1)), 1);
  return free * (3 * (section + Math.min(...counts) + 3)) ** 2;
}

/** Factorises a level. Its columns are asked of the operator, many at once where they cannot meet. */
export function choleskyOf(level: Operator): Cholesky {
  const { counts, inverseDiagonal } = level;
  const longest = longestAxis(counts);
  const [a, b] = [0, 1, 2].filter(k => k !== longest) as [0 | 1 | 2, 0 | 1 | 2];
  const stride = [1, counts[0] + 1, (counts[0] + 1) * (counts[1] + 1)] as const;
  const free: number[] = [];
  for (let z = 0; z <= counts[longest]; z++)
    for (let y = 0; y <= counts[b]; y++)
      for (let x = 0; x <= counts[a]; x++)
        for (let k = 0; k < 3; k++) {
          const i = 3 * (x * stride[a] + y * stride[b] + z * stride[longest]) + k;
          if (inverseDiagonal[i]! > 0) free.push(i);
        }
  const n = free.length;
  const place = new Int32Array(inverseDiagonal.length).fill(-1);
  free.forEach((i, j) => (place[i] = j));
  const band = bandOf(level, place);
  const width = band + 1;
  const factor = new Float64Array(n * width);
  fillBand(level, { free, place, band, factor });
  for (let j = 0; j < n; j++) factor[j * width + band]! *= 1 + LIFTED;
  for (let j = 0; j < n; j++) {
    const row = j * width;
    for (let i = Math.max(0, j - band); i < j; i++) {
      const other = i * width + band - i;
      let sum = factor[row + band - j + i]!;
      for (let k = Math.max(0, j - band, i - band); k < i; k++)
        sum -= factor[row + band - j + k]! * factor[other + k]!;
      factor[row + band - j + i] = sum / factor[i * width + band]!;
    }
    let square = factor[row + band]!;
    for (let k = Math.max(0, j - band); k < j; k++) square -= factor[row + band - j + k]! ** 2;
    factor[row + band] = Math.sqrt(Math.max(square, Number.MIN_VALUE));
  }
  return { free: Int32Array.from(free), band, factor };
}

function bandOf({ lowest, steps }: Operator, place: Int32Array): number {
  let band = 0;
  for (const from of lowest) {
    let low = Infinity;
    let high = -1;
    for (const s of steps)
      for (let k = 0; k < 3; k++) {
        const p = place[3 * (from + s) + k]!;
        if (p < 0) continue;
        low = Math.min(low, p);
        high = Math.max(high, p);
      }
    if (high >= 0) band = Math.max(band, high - low);
  }
  return band;
}

/** Numbers that lie a whole band apart share no cell: their columns are asked for together. */
function fillBand(
  level: Operator,
  { free, place, band, factor }: { free: number[]; place: Int32Array; band: number; factor: Float64Array },
): void {
  const width = band + 1;
  const units = new Float64Array(place.length);
  const columns = new Float64Array(place.length);
  const apart = 2 * band + 1;
  for (let first = 0; first < Math.min(apart, free.length); first++) {
    units.fill(0);
    for (let j = first; j < free.length; j += apart) units[free[j]!] = 1;
    level.apply(units, columns);
    for (let j = first; j < free.length; j += apart)
      for (let i = j; i < Math.min(free.length, j + width); i++)
        factor[i * width + band - i + j] = columns[free[i]!]!;
  }
}

/** Solves for what is free, forwards and backwards; the rest is 0. */
export function solveCholesky({ free, band, factor }: Cholesky, b: Float64Array, x: Float64Array): void {
  const n = free.length;
  const width = band + 1;
  const y = Float64Array.from(free, i => b[i]!);
  for (let i = 0; i < n; i++) {
    const row = i * width + band - i;
    let sum = y[i]!;
    for (let k = Math.max(0, i - band); k < i; k++) sum -= factor[row + k]! * y[k]!;
    y[i] = sum / factor[row + i]!;
  }
  for (let i = n - 1; i >= 0; i--) {
    const row = i * width + band - i;
    const value = y[i]! / factor[row + i]!;
    y[i] = value;
    for (let k = Math.max(0, i - band); k < i; k++) y[k]! -= factor[row + k]! * value;
  }
  x.fill(0);
  for (let i = 0; i < n; i++) x[free[i]!] = y[i]!;
}
