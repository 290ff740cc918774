import { choleskyOf, choleskyWork, solveCholesky, type Cholesky } from './cholesky.js';
import type { Stiffness } from './elasticity.js';
import { nodeCount } from './grid.js';
import { apply, countsOf, levelOf, type Level, type Lines } from './level.js';

/** One level with room for what a cycle works out on it. */
interface Rung {
  level: Level;
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
const SOLVED_AT_ONCE = 3e7;
/** Steps of Chebyshev’s smoother before and after each correction, and the share of the spectrum that it flattens. */
const SMOOTHING = { steps: 2, lowest: 0.12 };

/**
 * Geometric multigrid for a grid of bricks: each coarser grid has half as many cells along each axis that has more than
 * one, at the mean stiffness of those it stands for; of an odd number the last stays as thin as it is.
 */
export function multigridOf(
  lines: Lines,
  stiffness: Stiffness,
  shares: Float64Array,
  held: Uint8Array,
): Multigrid {
  const rungs: Rung[] = [];
  let now = { lines, shares, held };
  for (;;) {
    const level = levelOf(now.lines, stiffness, now.shares, now.held);
    const next = now.lines.map(halved) as unknown as Lines;
    const about = now.lines.map((l, k) => between(l, next[k]!)) as unknown as Rung['about'];
    const room = (): Float64Array => new Float64Array(3 * level.nodes);
    rungs.push({ level, about, x: room(), b: room(), r: room(), d: room() });
    const smallest = level.counts.every(n => n === 1);
    if (smallest || choleskyWork(level) <= SOLVED_AT_ONCE) return { rungs, coarsest: choleskyOf(level) };
    now = coarser(now, next);
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

interface Grid {
  lines: Lines;
  shares: Float64Array;
  held: Uint8Array;
}

function coarser({ lines, shares, held }: Grid, next: Lines): Grid {
  const [nx, ny, nz] = countsOf(lines);
  const counts = countsOf(next);
  const mean = new Float64Array(counts[0] * counts[1] * counts[2]);
  const factor = counts.map((n, k) => (n < lines[k]!.length - 1 ? 2 : 1));
  const size = (l: Float64Array, i: number): number => l[i + 1]! - l[i]!;
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++) {
        const share = shares[i + nx * (j + ny * k)]!;
        if (share === 0) continue;
        const at = [
          Math.floor(i / factor[0]!),
          Math.floor(j / factor[1]!),
          Math.floor(k / factor[2]!),
        ] as const;
        const volume = size(lines[0], i) * size(lines[1], j) * size(lines[2], k);
        const whole = size(next[0], at[0]) * size(next[1], at[1]) * size(next[2], at[2]);
        mean[at[0] + counts[0] * (at[1] + counts[1] * at[2])]! += (share * volume) / whole;
      }
  const stays = new Uint8Array(nodeCount(counts));
  const there = (i: number, k: 0 | 1 | 2): number => Math.min(factor[k]! * i, lines[k].length - 1);
  for (let k = 0; k <= counts[2]; k++)
    for (let j = 0; j <= counts[1]; j++)
      for (let i = 0; i <= counts[0]; i++)
        stays[i + (counts[0] + 1) * (j + (counts[1] + 1) * k)] =
          held[there(i, 0) + (nx + 1) * (there(j, 1) + (ny + 1) * there(k, 2))]!;
  return { lines: next, shares: mean, held: stays };
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
  apply(level, x, r);
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
      apply(level, x, r);
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
