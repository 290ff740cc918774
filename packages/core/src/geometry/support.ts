import { DoubleSide, Ray } from 'three';
import type { MeshBVH } from 'three-mesh-bvh';
import { hangingSine } from './overhang.js';
import { dot, turnedBack, type Turn, type Xyz } from './turn.js';

/** What must be held up while it is printed. */
export interface Support {
  /** Room under what hangs, down to the plate or to the part, mm³; under short bridges there is none to fill. */
  volumeMm3: number;
  /** Area of the part that it touches, above and below, mm². */
  scarMm2: number;
  /** The longest span that is bridged between two walls without support, mm; 0 where none is. */
  bridgeMm: number;
}

/** Columns along the longer side of the plate. */
const COLUMNS = 96;
/** Columns are no finer than a line of plastic, mm. */
const FINEST_MM = 0.5;
/** What lies lower than this over the plate or over the part needs nothing to hold it, mm. */
const LOW_MM = 0.3;
/** Faces this level are bridged: their lines are drawn from wall to wall (the cosine of 10°). */
const LEVEL = Math.cos((10 * Math.PI) / 180);
/** Spans up to this hang through little in any filament, mm. */
export const BRIDGED_MM = 10;

/** A face of a column that hangs. */
interface Hanging {
  /** Its height, and what lies under it: the top of the part there, or the plate, mm. */
  heightMm: number;
  overMm: number;
  /** How much it looks down: 1 where it is level. */
  down: number;
}

/** A column of the grid: what of it is plastic, from below, and which of its faces hang. */
interface Column {
  solids: [fromMm: number, toMm: number][];
  hanging: Hanging[];
}

/**
 * Measures supports by upright rays on a grid: wherever the part begins again above open air with a face that hangs,
 * the column beneath it is filled; but not where a level face is bridged over a short span from wall to wall.
 * @param tree of the shape as it is in its file; its triangles face outwards
 * @param size of the shape as it is laid
 */
export function supportUnder(tree: MeshBVH, turn: Turn, size: { lowMm: Xyz; highMm: Xyz }): Support {
  const [x0, y0, z0] = size.lowMm;
  const [x1, y1] = size.highMm;
  const pitch = Math.max(FINEST_MM, Math.max(x1 - x0, y1 - y0) / COLUMNS);
  const ray = new Ray();
  ray.direction.set(...(turn[2] as [number, number, number]));
  const grid: Column[][] = [];
  for (let x = x0 + pitch / 2; x < x1; x += pitch) {
    const row: Column[] = [];
    for (let y = y0 + pitch / 2; y < y1; y += pitch) {
      const from = turnedBack(turn, [x, y, z0 - 1]);
      ray.origin.set(from[0], from[1], from[2]);
      row.push(columnAlong(tree, ray, turn));
    }
    grid.push(row);
  }
  return summed(grid, pitch);
}

/** What one ray meets on its way up, from 1 mm below the plate. */
function columnAlong(tree: MeshBVH, ray: Ray, turn: Turn): Column {
  const steepest = hangingSine();
  const column: Column = { solids: [], hanging: [] };
  const hits = tree.raycast(ray, DoubleSide).sort((a, b) => a.distance - b.distance);
  let top = 0;
  // Bodies may overlap: what is entered twice is left when it was left twice.
  let inside = 0;
  let entered = 0;
  for (const hit of hits) {
    const height = hit.distance - 1;
    const { x: nx, y: ny, z: nz } = hit.face?.normal ?? ray.direction;
    const lean = dot(turn[2], [nx, ny, nz]);
    if (inside === 0 && lean < -steepest && height - top > LOW_MM)
      column.hanging.push({ heightMm: height, overMm: top, down: -lean });
    if (lean < 0 && inside++ === 0) entered = height;
    if (lean >= 0 && --inside === 0) column.solids.push([entered, height]);
    top = Math.max(top, height);
  }
  return column;
}

/** What of a grid of columns is held up, and what bridges itself. */
function summed(grid: readonly Column[][], pitch: number): Support {
  const found: Support = { volumeMm3: 0, scarMm2: 0, bridgeMm: 0 };
  grid.forEach((row, i) =>
    row.forEach((column, j) => {
      for (const h of column.hanging) {
        const span = h.down >= LEVEL ? spanMm(grid, i, j, h.heightMm, pitch) : Infinity;
        if (span <= BRIDGED_MM) {
          found.bridgeMm = Math.max(found.bridgeMm, span);
          continue;
        }
        found.volumeMm3 += (h.heightMm - h.overMm) * pitch * pitch;
        found.scarMm2 += pitch * pitch * (1 / h.down + (h.overMm > 0 ? 1 : 0));
      }
    }),
  );
  return found;
}

/** The shorter way from wall to wall through a level face that hangs, along either side of the grid, mm. */
function spanMm(grid: readonly Column[][], i: number, j: number, heightMm: number, pitch: number): number {
  const along = (di: number, dj: number): number =>
    pitch *
    (1 +
      stepsToWall(grid, i, j, di, dj, heightMm, pitch) +
      stepsToWall(grid, i, j, -di, -dj, heightMm, pitch));
  return Math.min(along(1, 0), along(0, 1));
}

/** Columns between one and the wall that a bridge rests on; Infinity where none comes within its reach. */
function stepsToWall(
  grid: readonly Column[][],
  i: number,
  j: number,
  di: number,
  dj: number,
  heightMm: number,
  pitch: number,
): number {
  const most = Math.ceil(BRIDGED_MM / pitch);
  for (let n = 1; n <= most; n++) {
    const next = grid[i + n * di]?.[j + n * dj];
    if (!next) return Infinity;
    if (next.solids.some(([from, to]) => from < heightMm - LOW_MM && to > heightMm - LOW_MM / 2))
      return n - 1;
    if (!next.hanging.some(h => Math.abs(h.heightMm - heightMm) < LOW_MM)) return Infinity;
  }
  return Infinity;
}
