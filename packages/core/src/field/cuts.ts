import { cellEdgeMm } from './cell-size.js';
import { cellPlace, fillGrid, type CellGrid } from './grid.js';
import { laidShape } from './laid-shape.js';
import type { StressField } from './stress-field.js';

/** A flat cut through a part as it lies. */
export interface Cut {
  /** How far from its lowest end along the axis, mm. */
  atMm: number;
  /** The face that is to be joined, mm². */
  areaMm2: number;
  /** What the worst twentieth of that face bears under the worst of the loads, MPa; null where no load is known. */
  bearsMPa: number | null;
}

/** A part cut into pieces along one axis of its box. */
export interface CutPlan {
  /** 0 along X, 1 along Y, 2 along Z, as it lies. */
  axis: 0 | 1 | 2;
  lengthMm: number;
  cuts: Cut[];
}

/** Cells of a shape of which no load is known. */
const CELLS = 20_000;
/** Share of a cut face, the worst first, over which its stress is taken: one cell at a sharp corner is no seam. */
const WORST_SHARE = 0.05;
/** Share of the length that the smallest piece has at least: where it has to be cut, and where halves are asked for. */
const LEAST_PIECE = { needed: 0.08, asked: 0.3 };

/** The cells of a shape as it lies, for cuts of which nothing but their faces matters. @throws InputError where open */
export function cellsOfShape(positions: Float32Array, up: [number, number, number] | null): CellGrid {
  const shape = laidShape(positions, up);
  return fillGrid(shape.positions, cellEdgeMm(shape.box, null, { cellMm: null, cells: CELLS }));
}

/** What each cell of the grid bears at most over several loads, MPa; null without loads. */
export function bornByCell(
  fields: readonly Pick<StressField, 'grid' | 'cellOf' | 'stress'>[],
): Float32Array | null {
  const [first] = fields;
  if (!first) return null;
  const born = new Float32Array(first.grid.filled.length);
  for (const { cellOf, stress } of fields)
    cellOf.forEach((c, i) => {
      born[c] = Math.max(born[c]!, stress.along[i]!, stress.between[i]!);
    });
  return born;
}

/** Every plane between two layers of cells along an axis, with the face that a cut leaves there. */
function planesAlong({ counts, size, filled }: CellGrid, born: Float32Array | null, axis: 0 | 1 | 2): Cut[] {
  const step = [1, counts[0], counts[0] * counts[1]][axis]!;
  const faceMm2 = (size[0] * size[1] * size[2]) / size[axis];
  const faces = Array.from({ length: counts[axis] - 1 }, () => ({
    area: 0,
    bears: [] as [MPa: number, mm2: number][],
  }));
  for (let c = 0; c < filled.length; c++) {
    const share = filled[c]!;
    if (share === 0) continue;
    const k = cellPlace(c, counts)[axis];
    if (k === counts[axis] - 1 || filled[c + step] === 0) continue;
    const area = Math.min(share, filled[c + step]!) * faceMm2;
    const face = faces[k]!;
    face.area += area;
    if (born) face.bears.push([Math.max(born[c]!, born[c + step]!), area]);
  }
  return faces.map(({ area, bears }, k) => ({
    atMm: (k + 1) * size[axis],
    areaMm2: area,
    bearsMPa: born ? worstOf(bears, area) : null,
  }));
}

/** The mean over the worst share of a face. */
function worstOf(bears: [MPa: number, mm2: number][], areaMm2: number): number {
  let left = WORST_SHARE * areaMm2;
  let sum = 0;
  for (const [MPa, mm2] of bears.sort((a, b) => b[0] - a[0])) {
    const taken = Math.min(left, mm2);
    sum += MPa * taken;
    left -= taken;
    if (left <= 0) break;
  }
  return areaMm2 > 0 ? sum / (WORST_SHARE * areaMm2) : 0;
}

/**
 * Where to cut a part along an axis so that no piece is longer than there is room for: in as few pieces as can be, the
 * worst of the seams bearing as little as can be, and of those the smallest faces. By dynamic programming over the
 * planes of the grid.
 * @param born from {@link bornByCell}; null where no load is known: then by the faces alone
 * @param roomMm the longest piece
 * @param leastPieces pieces that are wanted at least
 * @returns null where cells are too coarse for such pieces
 */
export function cutPlan(
  grid: CellGrid,
  born: Float32Array | null,
  axis: 0 | 1 | 2,
  roomMm: number,
  leastPieces = 1,
): CutPlan | null {
  const lengthMm = grid.counts[axis] * grid.size[axis];
  const planes = planesAlong(grid, born, axis);
  const least = (leastPieces > 1 ? LEAST_PIECE.asked : LEAST_PIECE.needed) * Math.min(roomMm, lengthMm);
  for (
    let pieces = Math.max(leastPieces, Math.ceil(lengthMm / roomMm - 1e-9));
    pieces <= planes.length + 1;
    pieces++
  ) {
    const cuts = bestCuts(planes, lengthMm, pieces, roomMm, least);
    if (cuts) return { axis, lengthMm, cuts };
  }
  return null;
}

/** What speaks against cuts: the worst seam first, then the faces in all. */
interface Toll {
  worst: number;
  areaMm2: number;
}
const less = (a: Toll, b: Toll): boolean =>
  a.worst < b.worst - 1e-9 || (a.worst < b.worst + 1e-9 && a.areaMm2 < b.areaMm2);

function bestCuts(
  planes: readonly Cut[],
  lengthMm: number,
  pieces: number,
  roomMm: number,
  least: number,
): Cut[] | null {
  type Way = Toll & { from: number };
  const fits = (fromMm: number, toMm: number): boolean =>
    toMm - fromMm <= roomMm + 1e-9 && toMm - fromMm >= least - 1e-9;
  // ways[j][k]: the best j + 1 cuts of which the last is plane k.
  const ways: (Way | null)[][] = [];
  for (let j = 0; j < pieces - 1; j++)
    ways.push(
      planes.map((plane, k): Way | null => {
        const own = { worst: plane.bearsMPa ?? plane.areaMm2, areaMm2: plane.areaMm2 };
        if (plane.areaMm2 === 0) return null;
        if (j === 0) return fits(0, plane.atMm) ? { ...own, from: -1 } : null;
        let best: Way | null = null;
        for (let from = 0; from < k; from++) {
          const before = ways[j - 1]![from];
          if (!before || !fits(planes[from]!.atMm, plane.atMm)) continue;
          const way = {
            worst: Math.max(before.worst, own.worst),
            areaMm2: before.areaMm2 + own.areaMm2,
            from,
          };
          if (!best || less(way, best)) best = way;
        }
        return best;
      }),
    );
  if (pieces === 1) return fits(0, lengthMm) ? [] : null;
  let last = -1;
  const ends = ways.at(-1)!;
  ends.forEach((way, k) => {
    if (way && fits(planes[k]!.atMm, lengthMm) && (last < 0 || less(way, ends[last]!))) last = k;
  });
  if (last < 0) return null;
  const cuts: Cut[] = [];
  for (let j = pieces - 2, k = last; j >= 0; k = ways[j]![k]!.from, j--) cuts.unshift(planes[k]!);
  return cuts;
}
