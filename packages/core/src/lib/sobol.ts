import type { Chance } from './random.js';

/**
 * The first axes by Joe and Kuo (2008): of a primitive polynomial its degree and middle bits, then the first numbers.
 * No two of these axes leave one of 256 boxes empty of 1024 points; among further ones, some do.
 */
const JOE_KUO: readonly (readonly [degree: number, bits: number, first: readonly number[]])[] = [
  [1, 0, [1]],
  [2, 1, [1, 3]],
  [3, 1, [1, 3, 1]],
  [3, 2, [1, 1, 1]],
  [4, 1, [1, 1, 3, 3]],
  [4, 4, [1, 3, 5, 13]],
  [5, 2, [1, 1, 5, 5, 17]],
  [5, 4, [1, 1, 5, 5, 5]],
  [5, 7, [1, 1, 7, 11, 19]],
  [5, 11, [1, 1, 5, 1, 1]],
  [5, 13, [1, 1, 1, 3, 11]],
  [5, 14, [1, 3, 5, 5, 31]],
  [6, 1, [1, 3, 3, 9, 7, 49]],
  [6, 13, [1, 1, 1, 15, 21, 21]],
];

const BITS = 32;

/** How many axes there are numbers for. */
export const SOBOL_AXES = JOE_KUO.length + 1;

/**
 * Scrambled Sobol points: a net that fills the unit cube evenly, and its projections on few axes as well, scrambled bit
 * by bit (a linear matrix scramble and a digital shift, Matoušek 1998), so that each point is uniform by itself and
 * another seed gives another net.
 * @param count  how many; a power of two fills the cube most evenly
 * @param axes   at most {@link SOBOL_AXES}
 * @returns by axis, the points' coordinates in (0, 1)
 * @example sobol(chance(1), 4, 2)[0]; // one number in each quarter, in some order
 */
export function sobol(source: Chance, count: number, axes: number): Float64Array[] {
  if (axes > SOBOL_AXES) throw new RangeError(`there are numbers for ${SOBOL_AXES} axes, not for ${axes}`);
  return Array.from({ length: axes }, (_, axis) => {
    const directions = scrambled(source, directionNumbers(axis));
    const along = new Float64Array(count);
    let x = bits(source);
    for (let i = 0; i < count; i++) {
      along[i] = ((x >>> 0) + 0.5) / 2 ** BITS;
      // The next in Gray order differs by one direction (Antonov and Saleev 1979): that of its lowest zero bit.
      x ^= directions[31 - Math.clz32(~i & (i + 1))]!;
    }
    return along;
  });
}

/** 32 bits at chance. */
function bits(source: Chance): number {
  return Math.floor(source.uniform() * 2 ** BITS) | 0;
}

/** The direction numbers of an axis, each with its first bit at the top. */
function directionNumbers(axis: number): Int32Array {
  const v = new Int32Array(BITS);
  if (axis === 0) {
    for (let k = 0; k < BITS; k++) v[k] = 1 << (BITS - 1 - k);
    return v;
  }
  const [degree, middle, first] = JOE_KUO[axis - 1]!;
  for (let k = 0; k < BITS; k++) {
    if (k < degree) {
      v[k] = first[k]! << (BITS - 1 - k);
      continue;
    }
    let next = v[k - degree]! ^ (v[k - degree]! >>> degree);
    for (let j = 1; j < degree; j++) if ((middle >> (degree - 1 - j)) & 1) next ^= v[k - j]!;
    v[k] = next;
  }
  return v;
}

/** Direction numbers through a lower triangular matrix of bits at chance, with ones on its diagonal. */
function scrambled(source: Chance, v: Int32Array): Int32Array {
  // Row r of the matrix tells which bits of a number, from the top down to r itself, make bit r.
  const rows = Int32Array.from({ length: BITS }, (_, r) => {
    const diagonal = 1 << (BITS - 1 - r);
    const above = r === 0 ? 0 : -1 << (BITS - r);
    return (bits(source) & above) | diagonal;
  });
  return v.map(number => {
    let out = 0;
    for (let r = 0; r < BITS; r++) out = (out << 1) | parity(number & rows[r]!);
    return out;
  });
}

/** Whether an odd number of bits is set, as 1 or 0. */
function parity(x: number): number {
  let y = x ^ (x >>> 16);
  y ^= y >>> 8;
  y ^= y >>> 4;
  return (0x6996 >> (y & 15)) & 1;
}
