import { choleskyOf, choleskyWork, solveCholesky, type Cholesky } from './cholesky.js';
import { coarserLevel, type CoarseLevel } from './coarse.js';
import type { Level, Lines, Operator } from './level.js';

/** One level with room for what a cycle works out on it. */
interface Rung {
  level: Operator;
  /** For each plane of nodes along an axis: the coarse ones about it, and the share of the second. */
  about: readonly [Between, Between, Between];
  x: Float64Array;
  b: Float64Array;
  r: Float64Array;
  d: Float64Array;
}

/** For each plane between cells: the coarser plane at or before it, the next, and how far it lies on the way. */
interface Between {
  first: Int32Array;
  second: Int32Array;
  share: Float64Array;
}

/** Grids from fine to coarse, and the coarsest solved at once. */
export interface Multigrid {
  rungs: Rung[];
  coarsest: Cholesky;
}

/** Work, as unknowns × band², up to which a grid is solved at once. */
const SOLVED_AT_ONCE = 6e6;
/** Steps of Chebyshev’s smoother before and after each correction, and the share of the spectrum that it flattens. */
const SMOOTHING = { steps: 2, lowest: 0.12 };

/**
 * Multigrid for a grid of bricks: each coarser grid has half as many cells along each axis that has more than one, and
 * does what the finer ones do together (Galerkin); of an odd number the last stays as thin as it is.
 */
export function multigridOf(fine: Level): Multigrid {
  const rungs: Rung[] = [];
  let level: Level | CoarseLevel = fine;
  for (;;) {
    const next = level.lines.map(halved) as unknown as Lines;
    const about = level.lines.map((l, k) => between(l, next[k]!)) as unknown as Rung['about'];
    const { nodes } = level;
    const room = (): Float64Array => new Float64Array(3 * nodes);
    rungs.push({ level, about, x: room(), b: room(), r: room(), d: room() });
    const smallest = level.counts.every(n => n === 1);
    if (smallest || choleskyWork(level) <= SOLVED_AT_ONCE) return { rungs, coarsest: choleskyOf(level) };
    level = coarserLevel(level, next);
  }
}

/** Every other plane, and always the last. */
function halved(lines: Float64Array): Float64Array {
  if (lines.length <= 2) return lines;
  const kept = lines.filter((_, i) => i % 2 === 0);
  return lines.length % 2 === 1 ? kept : Float64Array.from([...kept, lines.at(-1)!]);
}

function between(fine: Float64Array, coarse: Float64Array): Between {
  const first = new Int32Array(fine.length);
  const second = new Int32Array(fine.length);
  const share = new Float64Array(fine.length);
  let c = 0;
  fine.forEach((at, i) => {
    while (c < coarse.length - 2 && coarse[c + 1]! <= at) c++;
    share[i] = (at - coarse[c]!) / (coarse[c + 1]! - coarse[c]!);
    first[i] = share[i] === 1 ? c + 1 : c;
    second[i] = share[i] === 0 ? c : c + 1;
    if (share[i] === 1) share[i] = 0;
  });
  return { first, second, share };
}

/** What a V-cycle makes of a residual: a symmetric approximation of its solution, so that it may precondition. */
export function cycle(grid: Multigrid, b: Float64Array, x: Float64Array): void {
  const { rungs } = grid;
  rungs[0]!.b.set(b);
  descend(grid, 0);
  x.set(rungs[0]!.x);
}

function descend(grid: Multigrid, depth: number): void {
  const rung = grid.rungs[depth]!;
  const below = grid.rungs[depth + 1];
  if (!below) {
    solveCholesky(grid.coarsest, rung.b, rung.x);
    return;
  }
  const { level, x, b, r } = rung;
  x.fill(0);
  smooth(rung, true);
  level.apply(x, r);
  for (let i = 0; i < r.length; i++) r[i] = b[i]! - r[i]!;
  restrict(rung, below);
  descend(grid, depth + 1);
  prolong(below, rung);
  smooth(rung, false);
}

/** Chebyshev’s polynomial smoother on the diagonally scaled operator (Adams, Brezina, Hu and Tuminaro 2003). */
function smooth({ level, x, b, r, d }: Rung, fromNothing: boolean): void {
  const { inverseDiagonal } = level;
  const high = level.largestRatio;
  const low = SMOOTHING.lowest * high;
  const middle = (high + low) / 2;
  const half = (high - low) / 2;
  const sigma = middle / half;
  let rho = 1 / sigma;
  for (let step = 0; step < SMOOTHING.steps; step++) {
    if (step === 0 && fromNothing) r.set(b);
    else {
      level.apply(x, r);
      for (let i = 0; i < r.length; i++) r[i] = b[i]! - r[i]!;
    }
    if (step === 0)
      for (let i = 0; i < x.length; i++) {
        d[i] = (inverseDiagonal[i]! * r[i]!) / middle;
        x[i]! += d[i]!;
      }
    else {
      const next = 1 / (2 * sigma - rho);
      for (let i = 0; i < x.length; i++) {
        d[i] = next * rho * d[i]! + ((2 * next) / half) * inverseDiagonal[i]! * r[i]!;
        x[i]! += d[i]!;
      }
      rho = next;
    }
  }
}

/** Visits each fine node with the up to eight coarse nodes about it and their weights. */
function eachNode(
  fine: Rung,
  coarse: Rung,
  visit: (node: number, nodes: Int32Array, weights: Float64Array, count: number) => void,
): void {
  const [nx, ny, nz] = fine.level.counts;
  const [cx, cy] = coarse.level.counts;
  const [ax, ay, az] = fine.about;
  const nodes = new Int32Array(8);
  const weights = new Float64Array(8);
  let node = 0;
  for (let k = 0; k <= nz; k++)
    for (let j = 0; j <= ny; j++)
      for (let i = 0; i <= nx; i++, node++) {
        let count = 0;
        for (let z = az.first[k]!; z <= az.second[k]!; z++) {
          const wz = z === az.first[k] ? 1 - az.share[k]! : az.share[k]!;
          for (let y = ay.first[j]!; y <= ay.second[j]!; y++) {
            const wy = wz * (y === ay.first[j] ? 1 - ay.share[j]! : ay.share[j]!);
            for (let x = ax.first[i]!; x <= ax.second[i]!; x++) {
              nodes[count] = x + (cx + 1) * (y + (cy + 1) * z);
              weights[count++] = wy * (x === ax.first[i] ? 1 - ax.share[i]! : ax.share[i]!);
            }
          }
        }
        visit(node, nodes, weights, count);
      }
}

/** The residual handed down: the transpose of {@link prolong}. */
function restrict(fine: Rung, coarse: Rung): void {
  const { r } = fine;
  const { b } = coarse;
  const free = coarse.level.inverseDiagonal;
  b.fill(0);
  eachNode(fine, coarse, (node, nodes, weights, count) => {
    for (let c = 0; c < 3; c++) {
      const part = r[3 * node + c]!;
      if (part !== 0) for (let n = 0; n < count; n++) b[3 * nodes[n]! + c]! += weights[n]! * part;
    }
  });
  for (let i = 0; i < b.length; i++) if (free[i] === 0) b[i] = 0;
}

/** The correction brought up, linear between coarse nodes, and added. */
function prolong(coarse: Rung, fine: Rung): void {
  const { x } = fine;
  const from = coarse.x;
  const free = fine.level.inverseDiagonal;
  eachNode(fine, coarse, (node, nodes, weights, count) => {
    for (let c = 0; c < 3; c++) {
      if (free[3 * node + c] === 0) continue;
      let sum = 0;
      for (let n = 0; n < count; n++) sum += weights[n]! * from[3 * nodes[n]! + c]!;
      x[3 * node + c]! += sum;
    }
  });
}
