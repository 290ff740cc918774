import type { FilletPlace } from '../brief/shape-places.js';
import { cross, dot, minus, unit, type Xyz } from '../geometry/turn.js';
import { cellPlace, type CellGrid } from './grid.js';
import { distanceTo, innerEdgeAt, nearestPiece, wayOf, type InnerEdge } from './inner-edge.js';
import type { Surface } from './patch.js';
import { problem } from './problem.js';

/** Sample places of a cell along each of its edges. */
const SAMPLES = 6;
/** How far from an inner edge a place may be said to be at it, in cells. */
const AT_EDGE_CELLS = 2;

/**
 * Fills an inner edge of a shape with a radius, in its cells: what lies between the two faces and a cylinder that
 * touches both. The shape itself stays as its file has it.
 * @param index which of the fillets it is, for errors
 * @throws InputError where there is no inner edge at the place
 */
export function fillFillet(
  grid: CellGrid,
  surface: Surface,
  { atMm, radiusMm }: FilletPlace,
  index: number,
): void {
  const pieces = innerEdgeAt(surface, atMm, AT_EDGE_CELLS * Math.max(...grid.size));
  if (!pieces.length)
    throw problem(`fillets.${index}.atMm`, atMm, 'is not at an inner edge, where two faces lean together');
  const { counts, size, lowMm, filled } = grid;
  for (const [c, near] of cellsAlong(grid, pieces, radiusMm)) {
    const low = cellPlace(c, counts).map((i, k) => lowMm[k]! + i * size[k]!);
    let inside = 0;
    for (let i = 0; i < SAMPLES ** 3; i++) {
      const n = [i % SAMPLES, Math.floor(i / SAMPLES) % SAMPLES, Math.floor(i / SAMPLES ** 2)];
      const p = low.map((x, k) => x + ((n[k]! + 0.5) * size[k]!) / SAMPLES) as unknown as Xyz;
      if (isFilled(nearestPiece(near, p)!, radiusMm, p)) inside++;
    }
    filled[c] = Math.min(1, filled[c]! + inside / SAMPLES ** 3);
  }
}

/** The cells that a fillet may reach and that are not full, each with the pieces of the edge that are near. */
function cellsAlong(
  { counts, size, lowMm, filled }: CellGrid,
  pieces: readonly InnerEdge[],
  radiusMm: number,
): Map<number, InnerEdge[]> {
  const cells = new Map<number, InnerEdge[]>();
  for (const piece of pieces) {
    const reach = radiusMm * touchShare(piece) + Math.hypot(...size);
    const [low, high] = [Math.min, Math.max].map((end, side) =>
      [0, 1, 2].map(k => {
        const at = end(piece.from[k]!, piece.to[k]!) + (side ? reach : -reach);
        return Math.min(counts[k]! - 1, Math.max(0, Math.floor((at - lowMm[k]!) / size[k]!)));
      }),
    ) as [number[], number[]];
    for (let k = low[2]!; k <= high[2]!; k++)
      for (let j = low[1]!; j <= high[1]!; j++)
        for (let i = low[0]!; i <= high[0]!; i++) {
          const c = i + counts[0] * (j + counts[1] * k);
          const middle = [i, j, k].map((n, a) => lowMm[a]! + (n + 0.5) * size[a]!) as unknown as Xyz;
          if (filled[c]! >= 1 || distanceTo(piece, middle) > reach) continue;
          const near = cells.get(c);
          if (near) near.push(piece);
          else cells.set(c, [piece]);
        }
  }
  return cells;
}

/** How far from the edge a cylinder of radius 1 touches its faces: the tangent of half the angle between their ways. */
function touchShare({ faces: [a, b] }: InnerEdge): number {
  const cosine = Math.max(-0.99, dot(a, b));
  return Math.sqrt((1 - cosine) / (1 + cosine));
}

/** Whether a place in the open lies between the faces of an edge and the cylinder that touches both. */
function isFilled(piece: InnerEdge, radiusMm: number, p: Xyz): boolean {
  const { from, to, faces, ends } = piece;
  const [a, b] = faces;
  const over = minus(p, from);
  if (dot(over, a) < 0 || dot(over, b) < 0) return false;
  const way = wayOf(piece);
  const along = dot(over, way);
  if (ends[0] && along < 0) return false;
  if (ends[1] && along > Math.hypot(...minus(to, from))) return false;
  const bisector = unit([a[0] + b[0], a[1] + b[1], a[2] + b[2]]);
  const half = Math.sqrt((1 + dot(a, b)) / 2);
  // The axis of the cylinder lies a radius off both faces; it touches them as far up the bisector as here.
  const axisUp = radiusMm / half;
  const touchUp = axisUp - radiusMm * half;
  const up = dot(over, bisector);
  const side = dot(over, unit(cross(way, bisector)));
  return up < touchUp && Math.hypot(up - axisUp, side) > radiusMm;
}
