import type { Stiffness } from './elasticity.js';

/** Edge lengths of a cell along x, y and z, mm. */
export type CellSize = readonly [number, number, number];

/**
 * A brick of eight nodes with incompatible modes (Wilson; Taylor, Beresford and Wilson 1976), in the basis in which it
 * falls apart. With u = Σ û_m ξ^m₁ η^m₂ ζ^m₃ the coefficients û are a Walsh–Hadamard transform of the nodes' values;
 * an orthotropic brick along its own axes is mirror-symmetric about all three, so its stiffness couples only terms of
 * the same parities: eight blocks of 3 × 3 in place of one matrix of 24 × 24.
 *
 * Terms are numbered by their powers, m = m₁ + 2·m₂ + 4·m₃, as nodes are by their corner, a = i + 2·j + 4·k. In the
 * block of parities p, component c has the term p xor 2^c.
 */
export interface Brick {
  /** The blocks by their parities, 9 numbers each by rows; 1/64 of the transforms is in them. */
  blocks: Float64Array;
  /** What each component has on the diagonal of its nodes' stiffness; the same for all eight. */
  diagonal: readonly [number, number, number];
  /** The largest that an eigenvalue of the stiffness over its diagonal gets, however cells are scaled. */
  largestRatio: number;
  /** Coefficients of the incompatible modes by the terms: [component][axis] of a sum over components and terms. */
  bubbles: readonly Bubble[];
}

/** An incompatible mode, 1 − ξ² along an axis for a component, as a sum of terms of its block. */
interface Bubble {
  component: number;
  axis: number;
  /** What each component's term of the block gives. */
  of: readonly [number, number, number];
}

/** The two places of Gauss’s rule on [−1, 1]. */
export const GAUSS = [-1 / Math.sqrt(3), 1 / Math.sqrt(3)] as const;

/** The derivative along an axis of the term m at a place of the unit brick [−1, 1]³. */
export function slopeOf(m: number, axis: number, at: readonly number[]): number {
  if (!((m >> axis) & 1)) return 0;
  let product = 1;
  for (let k = 0; k < 3; k++) if (k !== axis && (m >> k) & 1) product *= at[k]!;
  return product;
}

/** The strain that a unit of a component's derivative along an axis makes: its place among xx, yy, zz, yz, xz, xy. */
export function strainPlace(component: number, axis: number): number {
  return component === axis ? component : 6 - component - axis;
}

/** Works out a brick. @param stiffness of its plastic, see `stiffnessOf` */
export function brick(size: CellSize, stiffness: Stiffness): Brick {
  const volume = size[0] * size[1] * size[2];
  const blocks = new Float64Array(72);
  const bubbles: Bubble[] = [];
  for (let parity = 0; parity < 8; parity++) {
    // Terms of the nodes, then the bubbles of this parity: that of component c is odd where its term is even.
    const shapes = [0, 1, 2].map(c => (at: readonly number[]) => termStrain(c, parity ^ (1 << c), at, size));
    const own = [0, 1, 2].filter(c => parity === 1 << c);
    const inner = own.flatMap(component =>
      [0, 1, 2].map(axis => ({
        component,
        axis,
        strain: (at: readonly number[]) => bubbleStrain(component, axis, at, size),
      })),
    );
    const all = [...shapes, ...inner.map(b => b.strain)];
    const full = all.map(() => all.map(() => 0));
    for (const x of GAUSS)
      for (const y of GAUSS)
        for (const z of GAUSS) {
          const strains = all.map(s => s([x, y, z]));
          const stresses = strains.map(e =>
            stiffness.map(row => row.reduce((sum, k, i) => sum + k * e[i]!, 0)),
          );
          for (let i = 0; i < all.length; i++)
            for (let j = 0; j < all.length; j++)
              full[i]![j]! += (volume / 8) * strains[i]!.reduce((sum, e, k) => sum + e * stresses[j]![k]!, 0);
        }
    condensed(full, 3);
    for (let i = 0; i < 3; i++)
      for (let j = 0; j < 3; j++) blocks[9 * parity + 3 * i + j] = full[i]![j]! / 64;
    inner.forEach(({ component, axis }, k) => {
      const row = full[3 + k]!;
      bubbles.push({ component, axis, of: [row[0]!, row[1]!, row[2]!] });
    });
  }
  const diagonal = [0, 1, 2].map(c => {
    let sum = 0;
    for (let parity = 0; parity < 8; parity++) sum += blocks[9 * parity + 4 * c]!;
    return sum;
  }) as [number, number, number];
  return { blocks, diagonal, largestRatio: largestRatio(blocks, diagonal), bubbles };
}

function termStrain(component: number, m: number, at: readonly number[], size: CellSize): number[] {
  const strain = [0, 0, 0, 0, 0, 0];
  for (let axis = 0; axis < 3; axis++)
    strain[strainPlace(component, axis)]! += (2 / size[axis]!) * slopeOf(m, axis, at);
  return strain;
}

function bubbleStrain(component: number, axis: number, at: readonly number[], size: CellSize): number[] {
  const strain = [0, 0, 0, 0, 0, 0];
  strain[strainPlace(component, axis)]! += (2 / size[axis]!) * -2 * at[axis]!;
  return strain;
}

/**
 * Eliminates the unknowns from `kept` on (static condensation): the upper left becomes what is left of the matrix, and
 * the rows beneath what the eliminated are by those that are kept.
 */
function condensed(full: number[][], kept: number): void {
  for (let p = full.length - 1; p >= kept; p--) {
    const pivot = full[p]![p]!;
    const row = full[p]!.map(k => -k / pivot);
    for (let i = 0; i < p; i++) {
      const share = full[i]![p]!;
      for (let j = 0; j < p; j++) full[i]![j]! += share * row[j]!;
    }
    full[p] = row;
  }
  // Each eliminated unknown is by now a sum that may hold eliminated ones before it.
  for (let p = kept; p < full.length; p++)
    for (let q = kept; q < p; q++) {
      const share = full[p]![q]!;
      for (let j = 0; j < kept; j++) full[p]![j]! += share * full[q]![j]!;
      full[p]![q] = 0;
    }
}

/**
 * The largest eigenvalue of a brick's stiffness over its diagonal: as both are sums over bricks, no assembly of them
 * has a larger one, whatever each is multiplied by. All blocks share the diagonal, 8 times that of a node in their
 * basis.
 */
function largestRatio(blocks: Float64Array, diagonal: readonly [number, number, number]): number {
  let largest = 0;
  for (let parity = 0; parity < 8; parity++) {
    let v = [1, 0.7, 0.4];
    for (let round = 0; round < 200; round++) {
      const next = [0, 1, 2].map(
        i =>
          (8 * [0, 1, 2].reduce((sum, j) => sum + blocks[9 * parity + 3 * i + j]! * v[j]!, 0)) / diagonal[i]!,
      );
      const length = Math.hypot(...next);
      if (length === 0) break;
      v = next.map(x => x / length);
      if (round === 199) largest = Math.max(largest, length);
    }
  }
  return largest;
}
