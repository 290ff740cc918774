import type { Turn, Xyz } from '@hornblende/core/geometry';

/** A drawing in lines, seen from the front left and above: a path and the box that it fills. */
export interface LineDrawing {
  path: string;
  /** As `viewBox` has it. */
  box: string;
}

/** Where one looks from: turned about the upright by so much, and raised by so much, rad. */
const VIEW = { round: (-32 * Math.PI) / 180, raised: (26 * Math.PI) / 180 };
const MARGIN = 0.06;

/** A place as it is seen, mm on the drawing. */
export function seen([x, y, z]: Xyz): [number, number] {
  const across = x * Math.cos(VIEW.round) + y * Math.sin(VIEW.round);
  const into = -x * Math.sin(VIEW.round) + y * Math.cos(VIEW.round);
  return [across, -(z * Math.cos(VIEW.raised) + into * Math.sin(VIEW.raised))];
}

/** Draws lines of a shape after a turn. @param edges six coordinates a line, mm */
export function lineDrawing(edges: Float32Array, [x, y, z]: Turn): LineDrawing {
  let path = '';
  let left = Infinity;
  let top = Infinity;
  let right = -Infinity;
  let bottom = -Infinity;
  for (let i = 0; i < edges.length; i += 3) {
    const at = (row: Xyz): number => row[0] * edges[i]! + row[1] * edges[i + 1]! + row[2] * edges[i + 2]!;
    const [u, v] = seen([at(x), at(y), at(z)]);
    path += `${i % 6 === 0 ? 'M' : 'L'}${u.toFixed(1)} ${v.toFixed(1)}`;
    left = Math.min(left, u);
    right = Math.max(right, u);
    top = Math.min(top, v);
    bottom = Math.max(bottom, v);
  }
  if (!path) return { path: '', box: '0 0 1 1' };
  const gap = MARGIN * Math.max(right - left, bottom - top);
  return {
    path,
    box: [left - gap, top - gap, right - left + 2 * gap, bottom - top + 2 * gap]
      .map(n => n.toFixed(1))
      .join(' '),
  };
}

/** The edges of a box, six coordinates a line. */
export function boxEdges(x: number, y: number, z: number): Float32Array {
  const corners: Xyz[] = [0, 1, 2, 3, 4, 5, 6, 7].map(i => [i & 1 ? x : 0, i & 2 ? y : 0, i & 4 ? z : 0]);
  const lines: number[] = [];
  for (let a = 0; a < 8; a++)
    for (const bit of [1, 2, 4]) if (!(a & bit)) lines.push(...corners[a]!, ...corners[a | bit]!);
  return new Float32Array(lines);
}
