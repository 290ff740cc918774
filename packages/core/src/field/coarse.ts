import type { Brick } from './brick.js';
import { cellPlace, lowestNode, nodeCount, nodeSteps } from './grid.js';
import { hadamard, hadamardBack } from './hadamard.js';
import { countsOf, type Level, type Lines, type Operator } from './level.js';

/** A coarser grid, each cell with a matrix of its own: what those it stands for do together. */
export interface CoarseLevel extends Operator {
  /** Cells that are there, by their place in the grid. */
  cells: Int32Array;
  /** Their matrices by rows, 24 × 24 each: component by component, corner by corner. */
  matrices: Float32Array;
}

const SIDE = 24;
const WHOLE = SIDE * SIDE;

/** The stiffness of a brick by its nodes. */
function nodalMatrix({ blocks }: Brick): Float64Array {
  const matrix = new Float64Array(WHOLE);
  const v = new Float64Array(SIDE);
  const w = new Float64Array(SIDE);
  for (let j = 0; j < SIDE; j++) {
    v.fill(0);
    v[j] = 1;
    for (const k of [0, 8, 16]) hadamard(v, k);
    for (let parity = 0; parity < 8; parity++)
      for (let i = 0; i < 3; i++)
        w[8 * i + (parity ^ (1 << i))] = [0, 1, 2].reduce(
          (sum, k) => sum + blocks[9 * parity + 3 * i + k]! * v[8 * k + (parity ^ (1 << k))]!,
          0,
        );
    for (const k of [0, 8, 16]) hadamardBack(w, k);
    for (let i = 0; i < SIDE; i++) matrix[SIDE * i + j] = w[i]!;
  }
  return matrix;
}

/** Where a cell lies in a coarser one along an axis: from and to, as shares of it. */
type Span = readonly [number, number];

/** How much each corner of a coarser cell moves each corner of a cell in it: 8 × 8, by the cell’s corners. */
function weightsOf(spans: readonly [Span, Span, Span]): Float64Array {
  const weights = new Float64Array(64);
  for (let a = 0; a < 8; a++)
    for (let b = 0; b < 8; b++)
      weights[8 * a + b] = spans.reduce((product, span, k) => {
        const at = span[(a >> k) & 1]!;
        return product * ((b >> k) & 1 ? at : 1 - at);
      }, 1);
  return weights;
}

const half = new Float64Array(64);

/** Adds `Wᵀ·K·W` to a matrix, component by component, each at a share. */
function addProduct(
  into: Float32Array | Float64Array,
  at: number,
  k: Float64Array | Float32Array,
  from: number,
  weights: Float64Array,
  share: number,
): void {
  for (let i = 0; i < 3; i++)
    for (let j = 0; j < 3; j++) {
      for (let a = 0; a < 8; a++) {
        const row = from + SIDE * (8 * i + a) + 8 * j;
        for (let c = 0; c < 8; c++) {
          let sum = 0;
          for (let b = 0; b < 8; b++) sum += k[row + b]! * weights[8 * b + c]!;
          half[8 * a + c] = sum;
        }
      }
      for (let c = 0; c < 8; c++)
        for (let d = 0; d < 8; d++) {
          let sum = 0;
          for (let a = 0; a < 8; a++) sum += weights[8 * a + c]! * half[8 * a + d]!;
          into[at + SIDE * (8 * i + c) + 8 * j + d]! += share * sum;
        }
    }
}

/**
 * The next coarser operator by Galerkin’s product, cell by cell: what a stiff wall does beside a soft core, or beside
 * nothing, is kept, where a mean of their stiffness would lose it.
 * @param next the planes of the coarser grid, a part of those of the finer
 */
export function coarserLevel(fine: Level | CoarseLevel, next: Lines): CoarseLevel {
  const counts = countsOf(next);
  const steps = nodeSteps(counts);
  const nodes = nodeCount(counts);
  const parents = parentsOf(fine, next, counts);
  const cells = Int32Array.from(new Set(parents.cell)).sort();
  const place = new Map(Array.from(cells, (c, i) => [c, i]));
  const matrices = new Float32Array(WHOLE * cells.length);
  const ofBrick = 'brick' in fine ? nodalMatrix(fine.brick) : null;
  const known = new Map<number, { weights: Float64Array; product: Float64Array | null }>();
  for (let i = 0; i < fine.cells.length; i++) {
    const into = WHOLE * place.get(parents.cell[i]!)!;
    const key = parents.key[i]!;
    let found = known.get(key);
    if (!found) known.set(key, (found = { weights: weightsOf(parents.spans(i)), product: null }));
    const holds = fine.steps.some(s => isStill(fine, fine.lowest[i]! + s));
    const weights = holds ? withoutHeld(fine, fine.lowest[i]!, found.weights) : found.weights;
    if (ofBrick && 'brick' in fine) {
      if (holds) addProduct(matrices, into, ofBrick, 0, weights, fine.share[i]!);
      else {
        // Bricks that lie alike in their coarser cell differ by their share alone.
        if (!found.product) addProduct((found.product = new Float64Array(WHOLE)), 0, ofBrick, 0, weights, 1);
        const { product } = found;
        const share = fine.share[i]!;
        for (let n = 0; n < WHOLE; n++) matrices[into + n]! += share * product[n]!;
      }
    } else if (!('brick' in fine)) addProduct(matrices, into, fine.matrices, WHOLE * i, weights, 1);
  }
  const lowest = Int32Array.from(cells, c => lowestNode(c, counts));
  const inverseDiagonal = inverseDiagonalOf(nodes, steps, lowest, matrices);
  const level: CoarseLevel = {
    ...{ lines: next, counts, nodes, steps, lowest, cells, matrices, inverseDiagonal, largestRatio: 0 },
    apply: (u, out) => applyMatrices(level, u, out),
  };
  level.largestRatio = largestRatioOf(level);
  return level;
}

/** Whether a node does not move in any direction. */
function isStill({ inverseDiagonal }: Operator, node: number): boolean {
  return (
    inverseDiagonal[3 * node] === 0 &&
    inverseDiagonal[3 * node + 1] === 0 &&
    inverseDiagonal[3 * node + 2] === 0
  );
}

function withoutHeld(fine: Operator, lowest: number, weights: Float64Array): Float64Array {
  const left = Float64Array.from(weights);
  fine.steps.forEach((s, a) => {
    if (isStill(fine, lowest + s)) left.fill(0, 8 * a, 8 * a + 8);
  });
  return left;
}

/** More ways to lie in a coarser cell than there are along any axis. */
const KINDS = 64;

/** The coarser cell that each cell lies in, and where in it. */
function parentsOf(
  { cells, counts, lines }: Level | CoarseLevel,
  next: Lines,
  coarse: readonly [number, number, number],
): { cell: Int32Array; key: Int32Array; spans: (i: number) => [Span, Span, Span] } {
  const along = lines.map((fine, k) => {
    const into = next[k]!;
    const kinds: Span[] = [];
    let c = 0;
    return Array.from({ length: fine.length - 1 }, (_, i): { c: number; span: Span; kind: number } => {
      while (into[c + 1]! <= fine[i]!) c++;
      const size = into[c + 1]! - into[c]!;
      const span: Span = [(fine[i]! - into[c]!) / size, (fine[i + 1]! - into[c]!) / size];
      let kind = kinds.findIndex(s => Math.abs(s[0] - span[0]) + Math.abs(s[1] - span[1]) < 1e-9);
      if (kind < 0) kind = kinds.push(span) - 1;
      return { c, span, kind };
    });
  });
  const at = (cell: number): [number, number, number] => cellPlace(cell, counts);
  return {
    cell: Int32Array.from(cells, cell => {
      const [x, y, z] = at(cell).map((i, k) => along[k]![i]!.c) as [number, number, number];
      return x + coarse[0] * (y + coarse[1] * z);
    }),
    // Which of the few ways to lie in a coarser cell it has along each axis, as one number.
    key: Int32Array.from(cells, cell =>
      at(cell).reduce((sum, i, k) => sum + along[k]![i]!.kind * KINDS ** k, 0),
    ),
    spans: i => at(cells[i]!).map((n, k) => along[k]![n]!.span) as [Span, Span, Span],
  };
}

function inverseDiagonalOf(
  nodes: number,
  steps: Int32Array,
  lowest: Int32Array,
  matrices: Float32Array,
): Float64Array {
  const diagonal = new Float64Array(3 * nodes);
  lowest.forEach((from, c) => {
    for (let a = 0; a < 8; a++)
      for (let k = 0; k < 3; k++)
        diagonal[3 * (from + steps[a]!) + k]! += matrices[WHOLE * c + (SIDE + 1) * (8 * k + a)]!;
  });
  const largest = diagonal.reduce((most, d) => Math.max(most, d), 0);
  // What only held nodes move has no stiffness but what rounding left.
  return diagonal.map(d => (d > 1e-6 * largest ? 1 / d : 0));
}

const gathered = new Float64Array(SIDE);

function applyMatrices(
  { lowest, steps, matrices, inverseDiagonal }: CoarseLevel,
  u: Float64Array,
  out: Float64Array,
): void {
  out.fill(0);
  const at = steps.map(s => 3 * s);
  for (let c = 0; c < lowest.length; c++) {
    const base = 3 * lowest[c]!;
    for (let a = 0; a < 8; a++) for (let k = 0; k < 3; k++) gathered[8 * k + a] = u[base + at[a]! + k]!;
    let entry = WHOLE * c;
    for (let k = 0; k < 3; k++)
      for (let a = 0; a < 8; a++) {
        // Four sums at once: each would wait for itself.
        let p = 0;
        let q = 0;
        let r = 0;
        let s = 0;
        for (let j = 0; j < SIDE; j += 4, entry += 4) {
          p += matrices[entry]! * gathered[j]!;
          q += matrices[entry + 1]! * gathered[j + 1]!;
          r += matrices[entry + 2]! * gathered[j + 2]!;
          s += matrices[entry + 3]! * gathered[j + 3]!;
        }
        out[base + at[a]! + k]! += p + q + r + s;
      }
  }
  for (let i = 0; i < out.length; i++) if (inverseDiagonal[i] === 0) out[i] = 0;
}

/** Rounds of the power method, and what is put on top: it comes from beneath. */
const POWER = { rounds: 15, onTop: 1.15 };

/** The largest eigenvalue of an operator over its diagonal, by the power method. */
function largestRatioOf({ apply, inverseDiagonal }: Operator): number {
  let v = inverseDiagonal.map((d, i) => (d === 0 ? 0 : Math.sin(1 + 12.9898 * i)));
  const next = new Float64Array(v.length);
  let ratio = 1;
  for (let round = 0; round < POWER.rounds; round++) {
    apply(v, next);
    for (let i = 0; i < next.length; i++) next[i]! *= inverseDiagonal[i]!;
    const length = Math.sqrt(next.reduce((s, x) => s + x * x, 0));
    if (length === 0) break;
    ratio = length / Math.sqrt(v.reduce((s, x) => s + x * x, 0));
    v = next.map(x => x / length);
  }
  return POWER.onTop * ratio;
}
