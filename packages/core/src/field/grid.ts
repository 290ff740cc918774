import { extent } from '../geometry/extent.js';
import type { CellSize } from './brick.js';

/** A box of cells with the share of each that is full of plastic. */
export interface CellGrid {
  /** How many cells along x, y and z. */
  counts: readonly [number, number, number];
  /** A cell's edges, mm: nearly a cube, so that the cells fill the box of the shape exactly. */
  size: CellSize;
  /** The lowest corner, mm. */
  lowMm: readonly [number, number, number];
  /** Share of each cell within the shape, 0 to 1; x runs fastest, then y, then z. */
  filled: Float32Array;
}

/** Rays through a cell along each of its edges. */
const RAYS = 3;
/** Cells with less of the shape than this are left out: so thin a shaving carries nothing, and slows the solution. */
const LEAST_FILLED = 0.01;
/** How far rays are moved off round places, as a share of their distance, so that they meet no edge or corner. */
const OFF_EDGES = 1e-4;

/**
 * Fills a grid of cells from a heap of triangles: along each axis rays are sent through every cell, and what of them
 * lies within the shape (by the winding of the triangles that they cross) is averaged over the three axes, so that a
 * shape that is turned by a right angle fills its cells alike.
 * @param positions nine coordinates a triangle, mm; triangles face outwards
 * @param cellMm the edge that cells should have; each axis takes the nearest that divides the box
 */
export function fillGrid(positions: Float32Array, cellMm: number): CellGrid {
  const { lowMm: low, highMm: high } = extent(positions);
  const counts = [0, 1, 2].map(k => Math.max(1, Math.round((high[k]! - low[k]!) / cellMm))) as [
    number,
    number,
    number,
  ];
  const size = [0, 1, 2].map(k => (high[k]! - low[k]!) / counts[k]!) as [number, number, number];
  const filled = new Float32Array(counts[0] * counts[1] * counts[2]);
  for (let axis = 0; axis < 3; axis++) sendRays(positions, axis, { counts, size, low, filled });
  for (let i = 0; i < filled.length; i++) {
    const share = filled[i]! / (3 * RAYS * RAYS);
    // What is full but for the rounding of the rays is full.
    filled[i] = share < LEAST_FILLED ? 0 : share > 1 - 1e-3 ? 1 : share;
  }
  return { counts, size, lowMm: low, filled };
}

type Triple = [number, number, number];

/** Adds to each cell the lengths of the rays along one axis that run within the shape, in cells. */
function sendRays(
  positions: Float32Array,
  axis: number,
  grid: { counts: Triple; size: Triple; low: Readonly<Triple>; filled: Float32Array },
): void {
  const { counts, size, low, filled } = grid;
  const across = (axis + 1) % 3;
  const down = (axis + 2) % 3;
  const columns = counts[across]! * RAYS;
  const rows = counts[down]! * RAYS;
  const crossings = new Map<number, { at: number; way: number }[]>();
  const place = (k: number, i: number, all: number): number =>
    low[k]! + ((i + 0.5 + OFF_EDGES * ((i % 7) + 1)) * (size[k]! * counts[k]!)) / all;
  const first = (k: number, from: number, all: number): number =>
    Math.max(0, Math.floor(((from - low[k]!) / (size[k]! * counts[k]!)) * all - 1));
  const last = (k: number, to: number, all: number): number =>
    Math.min(all - 1, Math.ceil(((to - low[k]!) / (size[k]! * counts[k]!)) * all));
  for (let t = 0; t < positions.length; t += 9) {
    const u = [0, 3, 6].map(c => positions[t + c + across]!) as Triple;
    const v = [0, 3, 6].map(c => positions[t + c + down]!) as Triple;
    const w = [0, 3, 6].map(c => positions[t + c + axis]!) as Triple;
    const twice = (u[1] - u[0]) * (v[2] - v[0]) - (u[2] - u[0]) * (v[1] - v[0]);
    if (twice === 0) continue;
    const way = twice > 0 ? -1 : 1;
    for (let i = first(across, Math.min(...u), columns); i <= last(across, Math.max(...u), columns); i++)
      for (let j = first(down, Math.min(...v), rows); j <= last(down, Math.max(...v), rows); j++) {
        const x = place(across, i, columns);
        const y = place(down, j, rows);
        const left = [0, 1, 2].map(k => isLeft(u[k]!, v[k]!, u[(k + 1) % 3]!, v[(k + 1) % 3]!, x, y));
        if (left.some(l => l !== twice > 0)) continue;
        const a = ((u[1] - x) * (v[2] - y) - (u[2] - x) * (v[1] - y)) / twice;
        const b = ((u[2] - x) * (v[0] - y) - (u[0] - x) * (v[2] - y)) / twice;
        const c = 1 - a - b;
        const ray = j * columns + i;
        const met = { at: a * w[0] + b * w[1] + c * w[2], way };
        const list = crossings.get(ray);
        if (list) list.push(met);
        else crossings.set(ray, [met]);
      }
  }
  const stride = [1, counts[0], counts[0] * counts[1]] as const;
  for (const [ray, list] of crossings) {
    list.sort((p, q) => p.at - q.at);
    const i = Math.floor((ray % columns) / RAYS);
    const j = Math.floor(Math.floor(ray / columns) / RAYS);
    const base = i * stride[across]! + j * stride[down]!;
    let winding = 0;
    list.forEach((met, n) => {
      winding += met.way;
      const next = list[n + 1];
      if (winding <= 0 || !next) return;
      const from = (met.at - low[axis]!) / size[axis]!;
      const to = (next.at - low[axis]!) / size[axis]!;
      for (let cell = Math.max(0, Math.floor(from)); cell < Math.min(counts[axis]!, Math.ceil(to)); cell++)
        filled[base + cell * stride[axis]!]! += Math.max(0, Math.min(to, cell + 1) - Math.max(from, cell));
    });
  }
}

/**
 * Whether a place lies left of an edge. Both triangles at an edge reckon with the same numbers in the same order, so
 * that a ray through it meets exactly one of them, rounding or not.
 */
function isLeft(u0: number, v0: number, u1: number, v1: number, x: number, y: number): boolean {
  const turned = u0 > u1 || (u0 === u1 && v0 > v1);
  const [a, b, c, d] = turned ? [u1, v1, u0, v0] : [u0, v0, u1, v1];
  return (c! - a!) * (y - b!) - (d! - b!) * (x - a!) >= 0 !== turned;
}

/** Which node lies at the lowest corner of a cell, and how far the eight corners lie from it. */
export function nodeSteps([nx, ny]: readonly number[]): Int32Array {
  const row = nx! + 1;
  const layer = row * (ny! + 1);
  return Int32Array.from({ length: 8 }, (_, a) => (a & 1) + ((a >> 1) & 1) * row + ((a >> 2) & 1) * layer);
}

/** How many nodes a grid of cells has. */
export function nodeCount([nx, ny, nz]: readonly number[]): number {
  return (nx! + 1) * (ny! + 1) * (nz! + 1);
}

/** Where a cell lies in a grid, in cells along x, y and z. */
export function cellPlace(cell: number, [nx, ny]: readonly number[]): [number, number, number] {
  return [cell % nx!, Math.floor(cell / nx!) % ny!, Math.floor(cell / (nx! * ny!))];
}

/** Where a node lies in a grid, in cells along x, y and z: there is one more of them along each. */
export function nodePlace(node: number, [nx, ny]: readonly number[]): [number, number, number] {
  return cellPlace(node, [nx! + 1, ny! + 1]);
}

/** The node at a place in a grid, in cells along x, y and z. */
export function nodeAt([i, j, k]: readonly [number, number, number], [nx, ny]: readonly number[]): number {
  return i + (nx! + 1) * (j + (ny! + 1) * k);
}

/** The lowest node of a cell by its place in the list of cells. */
export function lowestNode(cell: number, counts: readonly number[]): number {
  return nodeAt(cellPlace(cell, counts), counts);
}
