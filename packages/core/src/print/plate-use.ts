import type { PrintEntry } from '../workshop/print-log.js';

/** Which plate: its kind, null where that is not known, and its name where it is one of one’s own. */
export type PlateRef = Pick<PrintEntry, 'plate' | 'ownPlate'>;

/** Whether two prints may have stood on the same plate: what is not known of one stands in the way of nothing. */
function maybeSame(a: PlateRef, b: PlateRef): boolean {
  return a.plate === null || b.plate === null || (a.plate === b.plate && a.ownPlate === b.ownPlate);
}

/** How much the places of a plate have been printed on. */
export interface PlateUse {
  /** Width of a cell, mm, and how many there are along X and along Y. */
  cellMm: number;
  columns: number;
  rows: number;
  /** Prints that stood on each cell, row by row from the front left. */
  prints: number[];
}

const CELL_MM = 10;
/** The rim of a bed that is cool, mm: as `warp-on-printer` has it. */
export const COOL_RIM_MM = 30;
/** What a place at the cool rim counts as, in prints that stood there. */
const RIM_PRINTS = 6;
/** What a place as far from the middle as can be counts as: of two fresh places the middle one is warmer. */
const FAR_PRINTS = 0.5;

/**
 * Where earlier prints stood on a plate of a printer.
 * @param on which of its plates; prints of which that is not known count on each; no kind for all of them
 */
export function plateUse(
  prints: readonly Pick<PrintEntry, 'printerId' | 'outcome' | 'placeMm' | 'sizeMm' | 'plate' | 'ownPlate'>[],
  printerId: string,
  [widthMm, depthMm]: readonly number[],
  on: PlateRef = { plate: null, ownPlate: null },
): PlateUse {
  const columns = Math.max(1, Math.ceil((widthMm ?? 0) / CELL_MM));
  const rows = Math.max(1, Math.ceil((depthMm ?? 0) / CELL_MM));
  const counts = new Array<number>(columns * rows).fill(0);
  for (const p of prints) {
    if (p.printerId !== printerId || p.outcome === 'timed' || !p.placeMm) continue;
    if (!maybeSame(p, on)) continue;
    const [w, d] = p.sizeMm ?? [CELL_MM, CELL_MM];
    for (const [c, r] of cellsUnder({ columns, rows }, p.placeMm, [w, d])) counts[r * columns + c]!++;
  }
  return { cellMm: CELL_MM, columns, rows, prints: counts };
}

function* cellsUnder(
  { columns, rows }: { columns: number; rows: number },
  [x, y]: readonly [number, number],
  [w, d]: readonly [number, number],
): Generator<[number, number]> {
  const from = (middle: number, size: number): number =>
    Math.max(0, Math.floor((middle - size / 2) / CELL_MM));
  const to = (middle: number, size: number, most: number): number =>
    Math.min(most - 1, Math.ceil((middle + size / 2) / CELL_MM) - 1);
  for (let r = from(y, d); r <= to(y, d, rows); r++)
    for (let c = from(x, w); c <= to(x, w, columns); c++) yield [c, r];
}

/** A place on a plate for the next print, and why there. */
export interface PlatePlace {
  /** Its middle from the front left corner. */
  xMm: number;
  yMm: number;
  /** The most prints that stood on any of its cells. */
  stoodMost: number;
  /** Whether it reaches into the cool rim of the bed. */
  atRim: boolean;
}

/**
 * The freshest place for a part on a plate: where fewest prints stood, off the cool rim where it can be, and near
 * the middle among equals.
 * @returns null where it does not fit
 */
export function freshPlace(
  use: PlateUse,
  [bx, by]: readonly number[],
  [w, d]: readonly [number, number],
): PlatePlace | null {
  if (bx === undefined || by === undefined || w > bx || d > by) return null;
  let best: (PlatePlace & { cost: number }) | null = null;
  for (const xMm of places(w, bx))
    for (const yMm of places(d, by)) {
      let sum = 0;
      let cells = 0;
      let stoodMost = 0;
      for (const [c, r] of cellsUnder(use, [xMm, yMm], [w, d])) {
        const stood = use.prints[r * use.columns + c]!;
        sum += stood;
        cells++;
        stoodMost = Math.max(stoodMost, stood);
      }
      const atRim = reachesRim(xMm, w, bx) || reachesRim(yMm, d, by);
      const far = Math.hypot((xMm - bx / 2) / bx, (yMm - by / 2) / by) / Math.SQRT1_2;
      const cost = sum / Math.max(1, cells) + stoodMost / 4 + (atRim ? RIM_PRINTS : 0) + FAR_PRINTS * far;
      if (!best || cost < best.cost - 1e-9) best = { xMm, yMm, stoodMost, atRim, cost };
    }
  if (!best) return null;
  const { xMm, yMm, stoodMost, atRim } = best;
  return { xMm, yMm, stoodMost, atRim };
}

/** Middles that a part may have along one side of a plate, its middle among them. */
function places(size: number, bed: number): number[] {
  const found = [bed / 2];
  for (let at = size / 2; at <= bed - size / 2; at += CELL_MM) found.push(at);
  return found;
}

function reachesRim(middle: number, size: number, bed: number): boolean {
  const rim = Math.min(COOL_RIM_MM, bed / 4);
  return middle - size / 2 < rim || middle + size / 2 > bed - rim;
}

/** Prints of a place that are looked back on. */
const LOOKED_BACK = 5;

/**
 * What became of the last prints that stood where a print stood, itself left out: prints of the same printer whose
 * footprint overlaps, and whose plate is the same or not known.
 * @returns how many there were, five at most, and how many of them failed; null where its place was not noted
 */
export function printsThere(
  print: Pick<PrintEntry, 'printerId' | 'at' | 'placeMm' | 'sizeMm' | 'plate' | 'ownPlate'>,
  log: readonly Pick<
    PrintEntry,
    'printerId' | 'outcome' | 'at' | 'placeMm' | 'sizeMm' | 'plate' | 'ownPlate'
  >[],
): { prints: number; failed: number } | null {
  if (!print.placeMm) return null;
  const before = log
    .filter(p => p.outcome !== 'timed' && p.printerId === print.printerId && p.at < print.at)
    .filter(p => maybeSame(p, print))
    .filter(p => overlaps(p, print))
    .sort((a, b) => b.at.localeCompare(a.at))
    .slice(0, LOOKED_BACK);
  return { prints: before.length, failed: before.filter(p => p.outcome === 'failed').length };
}

function overlaps(
  a: Pick<PrintEntry, 'placeMm' | 'sizeMm'>,
  b: Pick<PrintEntry, 'placeMm' | 'sizeMm'>,
): boolean {
  const at = a.placeMm;
  const to = b.placeMm;
  if (!at || !to) return false;
  return [0, 1].every(axis => {
    const reach = ((a.sizeMm?.[axis] ?? CELL_MM) + (b.sizeMm?.[axis] ?? CELL_MM)) / 2;
    return Math.abs(at[axis]! - to[axis]!) < reach;
  });
}
