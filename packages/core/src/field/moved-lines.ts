import { minus, type Xyz } from '../geometry/turn.js';
import { nodeAt, nodeSteps, type CellGrid } from './grid.js';
import type { LaidShape } from './laid-shape.js';

/** Lines of a shape in short pieces, and how far their ends move: six coordinates a piece, in the axes of the file. */
export interface MovedLines {
  atMm: Float32Array;
  movesMm: Float32Array;
}

/**
 * Lines of a shape as they move with its grid, for drawing.
 * @param lines six coordinates a line, mm, in the axes of the file
 * @param pieceMm how long a piece is at most
 */
export function movedLines(
  { grid, u, laid, inFile }: { grid: CellGrid; u: Float64Array } & Pick<LaidShape, 'laid' | 'inFile'>,
  lines: Float32Array,
  pieceMm: number,
): MovedLines {
  const at: number[] = [];
  const moves: number[] = [];
  const steps = nodeSteps(grid.counts);
  for (let i = 0; i < lines.length; i += 6) {
    const from: Xyz = [lines[i]!, lines[i + 1]!, lines[i + 2]!];
    const to: Xyz = [lines[i + 3]!, lines[i + 4]!, lines[i + 5]!];
    const run = minus(to, from);
    const pieces = Math.max(1, Math.ceil(Math.hypot(...run) / pieceMm));
    for (let n = 0; n < pieces; n++)
      for (const share of [n / pieces, (n + 1) / pieces]) {
        const p: Xyz = [from[0] + share * run[0], from[1] + share * run[1], from[2] + share * run[2]];
        at.push(...p);
        moves.push(...inFile(moveAt(grid, u, steps, laid(p))));
      }
  }
  return { atMm: Float32Array.from(at), movesMm: Float32Array.from(moves) };
}

/** How far a place moves: between the nodes of the cell that it lies in, linear along each axis. */
function moveAt({ counts, size, lowMm }: CellGrid, u: Float64Array, steps: Int32Array, p: Xyz): Xyz {
  const inCells = p.map((x, k) => (x - lowMm[k]!) / size[k]!);
  const cell = inCells.map((x, k) => Math.min(counts[k]! - 1, Math.max(0, Math.floor(x)))) as [
    number,
    number,
    number,
  ];
  const share = inCells.map((x, k) => Math.min(1, Math.max(0, x - cell[k]!)));
  const lowest = nodeAt(cell, counts);
  const move: [number, number, number] = [0, 0, 0];
  steps.forEach((step, a) => {
    const weight = share.reduce((w, s, k) => w * ((a >> k) & 1 ? s : 1 - s), 1);
    for (const k of [0, 1, 2] as const) move[k] += weight * u[3 * (lowest + step) + k]!;
  });
  return move;
}
