import { brick, type Brick } from './brick.js';
import type { Stiffness } from './elasticity.js';
import { lowestNode, nodeCount, nodeSteps } from './grid.js';
import { hadamard, hadamardBack } from './hadamard.js';

/** Where the planes between cells lie along x, y and z, mm. */
export type Lines = readonly [Float64Array, Float64Array, Float64Array];

/** Cells of one size, which share a brick. */
export interface CellGroup {
  brick: Brick;
  /** The cells by their place in the grid, their lowest nodes, and their shares of the full stiffness. */
  cells: Int32Array;
  lowest: Int32Array;
  share: Float64Array;
}

/** A grid of bricks of one plastic, each at a share of its stiffness: a linear operator on three numbers a node. */
export interface Level {
  lines: Lines;
  counts: readonly [number, number, number];
  nodes: number;
  groups: CellGroup[];
  /** From a cell’s lowest node to its eight. */
  steps: Int32Array;
  /** One over the diagonal at each number; 0 where a node is held, or nothing is there. */
  inverseDiagonal: Float64Array;
  /** No eigenvalue of the operator over its diagonal is larger. */
  largestRatio: number;
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
export function levelOf(lines: Lines, stiffness: Stiffness, shares: Float64Array, held: Uint8Array): Level {
  const counts = countsOf(lines);
  const nodes = nodeCount(counts);
  const steps = nodeSteps(counts);
  const groups = groupsOf(lines, counts, stiffness, shares);
  const inverseDiagonal = new Float64Array(3 * nodes);
  for (const { brick, lowest, share } of groups)
    for (let c = 0; c < lowest.length; c++)
      for (let a = 0; a < 8; a++) {
        const at = 3 * (lowest[c]! + steps[a]!);
        for (let k = 0; k < 3; k++) inverseDiagonal[at + k]! += share[c]! * brick.diagonal[k]!;
      }
  for (let n = 0; n < nodes; n++)
    for (let k = 0; k < 3; k++) {
      const d = inverseDiagonal[3 * n + k]!;
      inverseDiagonal[3 * n + k] = held[n] || d === 0 ? 0 : 1 / d;
    }
  const largestRatio = Math.max(...groups.map(g => g.brick.largestRatio));
  return { lines, counts, nodes, groups, steps, inverseDiagonal, largestRatio };
}

/** Cells that are there, by their size: only the last along an axis differs from the rest. */
function groupsOf(
  lines: Lines,
  counts: readonly [number, number, number],
  stiffness: Stiffness,
  shares: Float64Array,
): CellGroup[] {
  const cells = new Map<string, number[]>();
  const sizes = lines.map(l => Array.from({ length: l.length - 1 }, (_, i) => l[i + 1]! - l[i]!));
  const sizeOf = (c: number): [number, number, number] => {
    const at = [
      c % counts[0],
      Math.floor(c / counts[0]) % counts[1],
      Math.floor(c / (counts[0] * counts[1])),
    ];
    return at.map((i, k) => sizes[k]![i]!) as [number, number, number];
  };
  for (let c = 0; c < shares.length; c++) {
    if (shares[c]! <= 0) continue;
    const key = sizeOf(c)
      .map(x => x.toFixed(6))
      .join(' ');
    const list = cells.get(key);
    if (list) list.push(c);
    else cells.set(key, [c]);
  }
  return [...cells.values()].map(list => ({
    brick: brick(sizeOf(list[0]!), stiffness),
    cells: Int32Array.from(list),
    lowest: Int32Array.from(list, c => lowestNode(c, counts)),
    share: Float64Array.from(list, c => shares[c]!),
  }));
}

const cell = new Float64Array(24);
const terms = new Float64Array(24);

/** The forces that hold a shape displaced so: `out = A·u`. What is held feels none. */
export function apply({ groups, steps, inverseDiagonal }: Level, u: Float64Array, out: Float64Array): void {
  out.fill(0);
  for (const group of groups) applyGroup(group, steps, u, out);
  for (let i = 0; i < out.length; i++) if (inverseDiagonal[i] === 0) out[i] = 0;
}

function applyGroup(
  { brick, lowest, share }: CellGroup,
  steps: Int32Array,
  u: Float64Array,
  out: Float64Array,
): void {
  const { blocks } = brick;
  const at = steps.map(s => 3 * s);
  for (let c = 0; c < lowest.length; c++) {
    const base = 3 * lowest[c]!;
    for (let a = 0; a < 8; a++) {
      const n = base + at[a]!;
      cell[a] = u[n]!;
      cell[8 + a] = u[n + 1]!;
      cell[16 + a] = u[n + 2]!;
    }
    hadamard(cell, 0);
    hadamard(cell, 8);
    hadamard(cell, 16);
    const scale = share[c]!;
    for (let parity = 0; parity < 8; parity++) {
      const b = 9 * parity;
      const x = parity ^ 1;
      const y = 8 + (parity ^ 2);
      const z = 16 + (parity ^ 4);
      const p = scale * cell[x]!;
      const q = scale * cell[y]!;
      const r = scale * cell[z]!;
      terms[x] = blocks[b]! * p + blocks[b + 1]! * q + blocks[b + 2]! * r;
      terms[y] = blocks[b + 3]! * p + blocks[b + 4]! * q + blocks[b + 5]! * r;
      terms[z] = blocks[b + 6]! * p + blocks[b + 7]! * q + blocks[b + 8]! * r;
    }
    hadamardBack(terms, 0);
    hadamardBack(terms, 8);
    hadamardBack(terms, 16);
    for (let a = 0; a < 8; a++) {
      const n = base + at[a]!;
      out[n]! += terms[a]!;
      out[n + 1]! += terms[8 + a]!;
      out[n + 2]! += terms[16 + a]!;
    }
  }
}
