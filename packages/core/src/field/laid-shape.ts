import { extent, type Extent } from '../geometry/extent.js';
import { turned, turnedBack, turnedHeap, turnWith, type Xyz } from '../geometry/turn.js';
import { surfaceOf, type Surface } from './patch.js';
import { problem } from './problem.js';

/** A shape as it lies, ready for cells and patches. */
export interface LaidShape {
  positions: Float32Array;
  surface: Surface;
  /** Its box and its volume, as it lies. */
  box: Extent;
  /** A place or direction of the file as it lies, and back. */
  laid: (p: Xyz) => Xyz;
  inFile: (p: Xyz) => Xyz;
}

/**
 * Lays a shape.
 * @param positions as its file has it: nine coordinates a triangle, mm; triangles face outwards
 * @param up the direction of the file that is up; null for z
 * @throws InputError where it is not closed: what is inside it cannot be told
 */
export function laidShape(positions: Float32Array, up: Xyz | null): LaidShape {
  const turn = up ? turnWith(up, [1, 0, 0]) : null;
  const heap = turn ? turnedHeap(positions, turn) : positions;
  const surface = surfaceOf(heap);
  const open = surface.across.reduce((sum, t) => sum + Number(t < 0), 0);
  if (open > 0)
    throw problem(
      'mesh',
      `${open} open edges`,
      'is not closed, so that nobody can tell inside from outside: mend it',
    );
  return {
    positions: heap,
    surface,
    box: extent(heap),
    laid: p => (turn ? turned(turn, p) : p),
    inFile: p => (turn ? turnedBack(turn, p) : p),
  };
}
