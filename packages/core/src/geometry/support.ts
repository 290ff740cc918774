import { DoubleSide, Ray } from 'three';
import type { MeshBVH } from 'three-mesh-bvh';
import { hangingSine } from './overhang.js';
import { dot, turnedBack, type Turn, type Xyz } from './turn.js';

/** What must be held up while it is printed. */
export interface Support {
  /** Room under what hangs, down to the plate or to the part, mm³. */
  volumeMm3: number;
  /** Area of the part that it touches, above and below, mm². */
  scarMm2: number;
}

/** Columns along the longer side of the plate. */
const COLUMNS = 96;
/** Columns are no finer than a line of plastic, mm. */
const FINEST_MM = 0.5;
/** What lies lower than this over the plate or over the part needs nothing to hold it, mm. */
const LOW_MM = 0.3;

/**
 * Measures supports by upright rays on a grid: wherever the part begins again above open air with a face that hangs,
 * the column beneath it is filled.
 * @param tree of the shape as it is in its file; its triangles face outwards
 * @param size of the shape as it is laid
 */
export function supportUnder(tree: MeshBVH, turn: Turn, size: { lowMm: Xyz; highMm: Xyz }): Support {
  const [x0, y0, z0] = size.lowMm;
  const [x1, y1] = size.highMm;
  const pitch = Math.max(FINEST_MM, Math.max(x1 - x0, y1 - y0) / COLUMNS);
  const steepest = hangingSine();
  const ray = new Ray();
  ray.direction.set(...(turn[2] as [number, number, number]));
  const found: Support = { volumeMm3: 0, scarMm2: 0 };
  for (let x = x0 + pitch / 2; x < x1; x += pitch)
    for (let y = y0 + pitch / 2; y < y1; y += pitch) {
      const from = turnedBack(turn, [x, y, z0 - 1]);
      ray.origin.set(from[0], from[1], from[2]);
      const hits = tree.raycast(ray, DoubleSide).sort((a, b) => a.distance - b.distance);
      let top = 0;
      for (const hit of hits) {
        const height = hit.distance - 1;
        const { x: nx, y: ny, z: nz } = hit.face?.normal ?? ray.direction;
        const lean = dot(turn[2], [nx, ny, nz]);
        if (lean < -steepest && height - top > LOW_MM) {
          found.volumeMm3 += (height - top) * pitch * pitch;
          found.scarMm2 += pitch * pitch * (1 / -lean + (top > 0 ? 1 : 0));
        }
        top = Math.max(top, height);
      }
    }
  return found;
}
