import { applyBricks } from './apply-bricks.js';
import { brick, type Brick, type CellSize } from './brick.js';
import type { Stiffness } from './elasticity.js';
import { lowestNode, nodeCount, nodeSteps } from './grid.js';

/** Where the planes between cells lie along x, y and z, mm. */
export type Lines = readonly [Float64Array, Float64Array, Float64Array];

/** A linear operator on three numbers a node of a grid. */
export interface Operator {
  lines: Lines;
  counts: readonly [number, number, number];
  nodes: number;
  /** From a cell’s lowest node to its eight. */
  steps: Int32Array;
  /** The lowest node of each cell that is there. */
  lowest: Int32Array;
  /** One over the diagonal at each number; 0 where a node is held, or nothing is there. */
  inverseDiagonal: Float64Array;
  /** No eigenvalue of the operator over its diagonal is larger. */
  largestRatio: number;
  /** The forces that hold a shape displaced so: `out = A·u`. What is held feels none. */
  apply: (u: Float64Array, out: Float64Array) => void;
}

/** A grid of bricks of one plastic and one size, each at a share of its stiffness. */
export interface Level extends Operator {
  brick: Brick;
  /** The cells that are there by their place in the grid, and their shares of the full stiffness. */
  cells: Int32Array;
  share: Float64Array;
}

/** Planes between cells that are all alike. */
export function evenLines(
  counts: readonly [number, number, number],
  size: readonly [number, number, number],
): Lines {
  const along = (k: 0 | 1 | 2): Float64Array =>
    Float64Array.from({ length: counts[k] + 1 }, (_, i) => i * size[k]);
  return [along(0), along(1), along(2)];
}

/** How many cells lie between planes. */
export function countsOf(lines: Lines): [number, number, number] {
  return [lines[0].length - 1, lines[1].length - 1, lines[2].length - 1];
}

/**
 * A level from cells and what is held.
 * @param shares of the full stiffness, by cell; 0 where nothing is
 * @param held nodes that do not move, 1 by node
 */
export function levelOf(
  counts: readonly [number, number, number],
  size: CellSize,
  stiffness: Stiffness,
  shares: Float64Array,
  held: Uint8Array,
): Level {
  const nodes = nodeCount(counts);
  const steps = nodeSteps(counts);
  const one = brick(size, stiffness);
  const there: number[] = [];
  for (let c = 0; c < shares.length; c++) if (shares[c]! > 0) there.push(c);
  const lowest = Int32Array.from(there, c => lowestNode(c, counts));
  const share = Float64Array.from(there, c => shares[c]!);
  const diagonal = new Float64Array(3 * nodes);
  for (let c = 0; c < lowest.length; c++)
    for (let a = 0; a < 8; a++) {
      const at = 3 * (lowest[c]! + steps[a]!);
      for (let k = 0; k < 3; k++) diagonal[at + k]! += share[c]! * one.diagonal[k]!;
    }
  const inverseDiagonal = diagonal.map((d, i) => (held[Math.floor(i / 3)] || d === 0 ? 0 : 1 / d));
  const level: Level = {
    ...{ lines: evenLines(counts, size), counts, nodes, steps, lowest, inverseDiagonal },
    ...{ brick: one, cells: Int32Array.from(there), share, largestRatio: one.largestRatio },
    apply(u, out) {
      out.fill(0);
      applyBricks(level, u, out);
      for (let i = 0; i < out.length; i++) if (inverseDiagonal[i] === 0) out[i] = 0;
    },
  };
  return level;
}
