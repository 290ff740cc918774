import type { Extent } from '../geometry/extent.js';
import { sig } from '../lib/figures.js';
import { problem } from './problem.js';

const MOST_CELLS = 400_000;

/** Options of the edge of a cell, for inputs of fields. */
export const CELL_MM = {
  ...{ min: 0.02, max: 100, unit: 'mm', optional: true, nullable: true },
  doc: 'Edge of a cell; default null: by the number of cells.',
};
/** Options of the number of cells. */
export const CELLS = {
  ...{ min: 64, max: MOST_CELLS, optional: true, nullable: true },
  doc: 'Most cells; default 60 000, fewer where the thinnest wall has three all the same.',
};
/** Options of the direction that is up. */
export const UP = {
  ...{ length: 3, min: -1, max: 1, optional: true, nullable: true },
  doc: 'The direction of the file that is up as it is printed; default null: z.',
};

/** What an input asks of its cells. */
export interface CellsAsked {
  cellMm: number | null;
  cells: number | null;
}

/** Cells where nobody says how many. */
const USUAL_CELLS = 60_000;
/** Cells through the thinnest wall that are wanted: fewer bend too stiffly. */
const CELLS_A_WALL = 3;
/** Cells that even a stout part has: its walls, skins and corners are finer than it is. */
const FEWEST_CELLS = 20_000;
/** Cells that the box of a shape may have, empty ones too, for each has room kept: some 200 bytes. */
const MOST_IN_BOX = 1_500_000;

/**
 * The edge of a cell: as it is asked for, else so that the thinnest wall has three, within numbers of cells. A shape
 * that is spread out in a large box gets coarser ones than its volume alone would have.
 * @param minWallMm its thinnest wall; null where it is not known
 * @throws InputError where the edge that is asked for makes too many
 */
export function cellEdgeMm(
  { volumeMm3, lowMm, highMm }: Extent,
  minWallMm: number | null,
  { cellMm, cells }: CellsAsked,
): number {
  const boxMm3 = highMm.reduce((product, high, k) => product * (high - lowMm[k]!), 1);
  const edgeFor = (most: number): number => Math.cbrt(volumeMm3 / most);
  const roomiest = Math.cbrt(boxMm3 / MOST_IN_BOX);
  if (cellMm !== null) {
    const finest = Math.max(edgeFor(MOST_CELLS), roomiest);
    if (cellMm < finest)
      throw problem('cellMm', cellMm, `makes too many cells: at least ${sig(finest, 3)} mm is allowed here`);
    return cellMm;
  }
  const least = Math.max(edgeFor(cells ?? USUAL_CELLS), roomiest);
  if (cells !== null || minWallMm === null) return least;
  return Math.max(least, Math.min(minWallMm / CELLS_A_WALL, edgeFor(FEWEST_CELLS)));
}

/** What is said of walls that are too thin for their cells; nothing where none is. */
export function thinWarnings(minWallMm: number | null, edgeMm: number): string[] {
  if (minWallMm === null || minWallMm >= 2 * edgeMm) return [];
  return [
    `The thinnest wall, ${sig(minWallMm, 2)} mm, has fewer than two cells of ${sig(edgeMm, 2)} mm: it comes out too ` +
      'stiff and its stress too low. Ask for smaller cells.',
  ];
}
