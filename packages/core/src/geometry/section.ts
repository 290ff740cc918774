import { weld } from './weld.js';

/** A closed outline in the plane, material on its left: outer ones run counter-clockwise, holes clockwise. */
export type Outline = readonly (readonly [number, number])[];

/**
 * Cuts a shape at a height. Where it is not closed, outlines that do not close are left out.
 * @param heap nine coordinates a triangle, mm
 * @param gridMm how far corners that are meant to be one may lie apart
 */
export function sectionAt(heap: Float32Array, zMm: number, gridMm = 0): Outline[] {
  return cut(crossed(heap, zMm), zMm, gridMm);
}

/**
 * Cuts a shape at many heights: each triangle is looked at once, and goes to the heights that it crosses.
 * @param heightsMm in ascending order
 */
export function sectionsAt(heap: Float32Array, heightsMm: readonly number[], gridMm = 0): Outline[][] {
  const picked: number[][] = heightsMm.map(() => []);
  for (let i = 0; i < heap.length; i += 9) {
    const a = heap[i + 2]!;
    const b = heap[i + 5]!;
    const c = heap[i + 8]!;
    const low = Math.min(a, b, c);
    const high = Math.max(a, b, c);
    for (let k = firstOver(heightsMm, low); k < heightsMm.length && heightsMm[k]! <= high; k++)
      picked[k]!.push(i);
  }
  return heightsMm.map((z, k) => cut(picks(heap, picked[k]!), z, gridMm));
}

/** The first of ascending heights over a height. */
function firstOver(heights: readonly number[], z: number): number {
  let low = 0;
  let high = heights.length;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (heights[middle]! > z) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** The outlines where triangles that cross a height cross it. */
function cut(positions: Float32Array, zMm: number, gridMm: number): Outline[] {
  const { corners, vertexCount, cornerOf } = weld(positions, gridMm);
  const height = (v: number): number => positions[3 * cornerOf[v]! + 2]!;
  /** Where the cut crosses the edge between two vertices, the same for both triangles that share it. */
  const crossing = (a: number, b: number): [number, number] => {
    const [low, high] = a < b ? [a, b] : [b, a];
    const at = (zMm - height(low)) / (height(high) - height(low));
    const p = 3 * cornerOf[low]!;
    const q = 3 * cornerOf[high]!;
    return [
      positions[p]! + at * (positions[q]! - positions[p]!),
      positions[p + 1]! + at * (positions[q + 1]! - positions[p + 1]!),
    ];
  };
  const name = (a: number, b: number): number => Math.min(a, b) * vertexCount + Math.max(a, b);

  /** Steps along the cut, by the edge that each begins at. */
  const steps = new Map<number, { to: number; point: [number, number] }[]>();
  for (let t = 0; t < corners.length; t += 3) {
    const tri = [corners[t]!, corners[t + 1]!, corners[t + 2]!];
    const above = tri.map(v => height(v) >= zMm);
    if (above[0] === above[1] && above[1] === above[2]) continue;
    // Seen from outside the material lies left of the way from the edge that falls to the edge that rises.
    let falls: [number, number] | null = null;
    let rises: [number, number] | null = null;
    for (let k = 0; k < 3; k++) {
      const a = tri[k]!;
      const b = tri[(k + 1) % 3]!;
      if (above[k] && !above[(k + 1) % 3]) falls = [a, b];
      if (!above[k] && above[(k + 1) % 3]) rises = [a, b];
    }
    if (!falls || !rises) continue;
    const from = name(...falls);
    const list = steps.get(from) ?? [];
    list.push({ to: name(...rises), point: crossing(...falls) });
    steps.set(from, list);
  }
  return chained(steps);
}

/** The triangles that a cut goes through: a few of many. */
function crossed(heap: Float32Array, zMm: number): Float32Array {
  const picked: number[] = [];
  for (let i = 0; i < heap.length; i += 9) {
    const a = heap[i + 2]! >= zMm;
    if (a !== heap[i + 5]! >= zMm || a !== heap[i + 8]! >= zMm) picked.push(i);
  }
  return picks(heap, picked);
}

function picks(heap: Float32Array, picked: readonly number[]): Float32Array {
  const positions = new Float32Array(9 * picked.length);
  for (const [k, i] of picked.entries()) positions.set(heap.subarray(i, i + 9), 9 * k);
  return positions;
}

function chained(steps: Map<number, { to: number; point: [number, number] }[]>): Outline[] {
  const outlines: Outline[] = [];
  for (const start of steps.keys()) {
    while (steps.get(start)?.length) {
      const outline: [number, number][] = [];
      let at = start;
      for (;;) {
        const step = steps.get(at)?.pop();
        if (!step) break;
        outline.push(step.point);
        at = step.to;
        if (at === start) break;
      }
      if (at === start && outline.length > 2) outlines.push(outline);
    }
  }
  return outlines;
}

/** Area of an outline, mm²; holes count against. */
export function outlineArea(outline: Outline): number {
  let twice = 0;
  for (let i = 0; i < outline.length; i++) {
    const [x0, y0] = outline[i]!;
    const [x1, y1] = outline[(i + 1) % outline.length]!;
    twice += x0 * y1 - x1 * y0;
  }
  return twice / 2;
}
