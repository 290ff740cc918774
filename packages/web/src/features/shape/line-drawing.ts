import type { Turn, Xyz } from '@hornblende/core/geometry';

/** A drawing in lines, seen from the front left and above: a path and the box that it fills. */
export interface LineDrawing {
  path: string;
  /** What is drawn lightly under it; empty for nothing. */
  under: string;
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

/**
 * Draws lines of a shape after a turn.
 * @param edges six coordinates a line, mm
 * @param under lines drawn lightly under them
 */
export function lineDrawing(edges: Float32Array, turn: Turn, under: Float32Array | null = null): LineDrawing {
  const bounds = { left: Infinity, top: Infinity, right: -Infinity, bottom: -Infinity };
  const path = pathOf(edges, turn, bounds);
  const lightly = under ? pathOf(under, turn, bounds) : '';
  const { left, top, right, bottom } = bounds;
  if (!path) return { path: '', under: '', box: '0 0 1 1' };
  const gap = MARGIN * Math.max(right - left, bottom - top);
  return {
    path,
    under: lightly,
    box: [left - gap, top - gap, right - left + 2 * gap, bottom - top + 2 * gap]
      .map(n => n.toFixed(1))
      .join(' '),
  };
}

/** The path of lines as they are seen; `bounds` grows to hold it. */
function pathOf(
  edges: Float32Array,
  [x, y, z]: Turn,
  bounds: { left: number; top: number; right: number; bottom: number },
): string {
  let path = '';
  for (let i = 0; i < edges.length; i += 3) {
    const at = (row: Xyz): number => row[0] * edges[i]! + row[1] * edges[i + 1]! + row[2] * edges[i + 2]!;
    const [u, v] = seen([at(x), at(y), at(z)]);
    path += `${i % 6 === 0 ? 'M' : 'L'}${u.toFixed(1)} ${v.toFixed(1)}`;
    bounds.left = Math.min(bounds.left, u);
    bounds.right = Math.max(bounds.right, u);
    bounds.top = Math.min(bounds.top, v);
    bounds.bottom = Math.max(bounds.bottom, v);
  }
  return path;
}

/** The edges of a box, six coordinates a line. */
export function boxEdges(x: number, y: number, z: number): Float32Array {
  const corners: Xyz[] = [0, 1, 2, 3, 4, 5, 6, 7].map(i => [i & 1 ? x : 0, i & 2 ? y : 0, i & 4 ? z : 0]);
  const lines: number[] = [];
  for (let a = 0; a < 8; a++)
    for (const bit of [1, 2, 4]) if (!(a & bit)) lines.push(...corners[a]!, ...corners[a | bit]!);
  return new Float32Array(lines);
}
