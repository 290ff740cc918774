import { cycle, type Multigrid } from './multigrid.js';
import { problem } from './problem.js';

/** A solution with how it was come by. */
export interface Solution {
  /** Three numbers a node, mm. */
  u: Float64Array;
  iterations: number;
  /** What is left of the forces, as a share of them. */
  residual: number;
}

/** How a solution is looked for. */
export interface SolveOptions {
  /** Share of the forces that may be left; default 1e-6. */
  tolerance?: number;
  most?: number;
  /** Takes out what the operator cannot see, such as the motions of a body that nothing holds. */
  project?: (v: Float64Array) => void;
  /** Told the share of the work that is done, 0 to 1; it may throw to end it. */
  progress?: (done: number) => void;
}

const dot = (a: Float64Array, b: Float64Array): number => {
  let sum = 0;
  for (let i = 0; i < a.length; i++) sum += a[i]! * b[i]!;
  return sum;
};

/**
 * Conjugate gradients, preconditioned by one V-cycle of multigrid.
 * @param f forces, three a node, N
 * @throws InputError where the forces that are left do not shrink: no figure is better than a wrong one
 */
export function solve(
  grid: Multigrid,
  f: Float64Array,
  { tolerance = 1e-6, most = 400, project = () => undefined, progress = () => undefined }: SolveOptions = {},
): Solution {
  const { level } = grid.rungs[0]!;
  const r = Float64Array.from(f, (x, i) => (level.inverseDiagonal[i] === 0 ? 0 : x));
  project(r);
  const u = new Float64Array(r.length);
  const z = new Float64Array(r.length);
  const q = new Float64Array(r.length);
  const whole = Math.sqrt(dot(r, r));
  if (whole === 0) return { u, iterations: 0, residual: 0 };
  cycle(grid, r, z);
  project(z);
  const p = Float64Array.from(z);
  let rz = dot(r, z);
  let residual = 1;
  let iterations = 0;
  while (residual > tolerance && iterations < most) {
    level.apply(p, q);
    const step = rz / dot(p, q);
    for (let i = 0; i < u.length; i++) {
      u[i]! += step * p[i]!;
      r[i]! -= step * q[i]!;
    }
    iterations++;
    residual = Math.sqrt(dot(r, r)) / whole;
    progress(Math.min(1, Math.max(0, Math.log(residual) / Math.log(tolerance))));
    if (residual <= tolerance) break;
    cycle(grid, r, z);
    project(z);
    const next = dot(r, z);
    const turn = next / rz;
    rz = next;
    for (let i = 0; i < p.length; i++) p[i] = z[i]! + turn * p[i]!;
  }
  if (!(residual <= tolerance))
    throw problem(
      'cells',
      iterations,
      'steps brought no solution: parts of it hang together by hardly anything; try other cells',
    );
  return { u, iterations, residual };
}
