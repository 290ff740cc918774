import type { Xyz } from '../geometry/turn.js';
import { cellPlace, nodeAt } from './grid.js';
import type { StressField } from './stress-field.js';

/** The outside of the cells, for drawing: two triangles a face, how they move, and what its cell bears, MPa. */
export interface Skin {
  /** Eighteen coordinates a face, mm, in the axes of the file. */
  positions: Float32Array;
  /** How far each of them moves, mm. */
  moves: Float32Array;
  /** By face. */
  along: Float32Array;
  between: Float32Array;
}

/** The corners of the two triangles of a face, counter-clockwise from outside, by the axis that it is square to. */
const CORNERS = [
  [0, 0],
  [1, 0],
  [1, 1],
  [0, 0],
  [1, 1],
  [0, 1],
] as const;

/** The faces of cells that are open to the outside. */
export function skinOf({ grid, cellOf, stress, inFile, u }: StressField): Skin {
  const { counts, size, lowMm, filled } = grid;
  const steps = [1, counts[0], counts[0] * counts[1]] as const;
  const positions: number[] = [];
  const moves: number[] = [];
  const faceOf: number[] = [];
  for (let i = 0; i < cellOf.length; i++) {
    const c = cellOf[i]!;
    const at = cellPlace(c, counts);
    for (const axis of [0, 1, 2] as const)
      for (const side of [0, 1] as const) {
        const next = at[axis] + (side ? 1 : -1);
        if (next >= 0 && next < counts[axis] && filled[c + (side ? steps[axis] : -steps[axis])]! > 0)
          continue;
        faceOf.push(i);
        // The two other axes in the order in which they turn about this one outwards.
        const [first, second] = (
          side ? [(axis + 1) % 3, (axis + 2) % 3] : [(axis + 2) % 3, (axis + 1) % 3]
        ) as [number, number];
        for (const [p, q] of CORNERS) {
          const corner = [...at] as [number, number, number];
          corner[axis] += side;
          corner[first]! += p;
          corner[second]! += q;
          const place = corner.map((x, k) => lowMm[k]! + x * size[k]!) as unknown as Xyz;
          positions.push(...inFile(place));
          const n = 3 * nodeAt(corner, counts);
          moves.push(...inFile([u[n]!, u[n + 1]!, u[n + 2]!]));
        }
      }
  }
  const of = (values: Float32Array): Float32Array => Float32Array.from(faceOf, i => values[i]!);
  return {
    positions: Float32Array.from(positions),
    moves: Float32Array.from(moves),
    along: of(stress.along),
    between: of(stress.between),
  };
}
