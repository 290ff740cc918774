import type { BriefPrint } from '../brief/brief-print.js';
import { coreLeft } from '../models/section-printed.js';
import type { CellGrid } from './grid.js';

/** How a part is printed, as far as its cells go. */
export type CellPrint = Pick<
  BriefPrint,
  'walls' | 'lineMm' | 'topLayers' | 'bottomLayers' | 'layerMm' | 'infill' | 'pattern'
>;

/** What printing leaves of each cell: shares of the plastic's stiffness and of its strength, by cell of the grid. */
export interface CellShares {
  stiffness: Float64Array;
  strength: Float64Array;
  /** Share of a full cell’s mass. */
  mass: Float64Array;
}

/** A solid print: a cell is as stiff as the share of it that is full, and all of that as strong as the plastic. */
export function solidCells({ filled }: CellGrid): CellShares {
  return {
    stiffness: Float64Array.from(filled),
    strength: new Float64Array(filled.length).fill(1),
    mass: Float64Array.from(filled),
  };
}

/**
 * Cells as slicing fills them: walls along the outline of each layer and solid layers under and over what is open are
 * solid, what lies deeper is infill. A cell that a wall ends in counts by the share that it takes up.
 */
export function printedCells(grid: CellGrid, print: CellPrint): CellShares {
  const core = coreLeft(print);
  const shares = solidCells(grid);
  const depth = depths(grid, {
    wallMm: print.walls * print.lineMm,
    topMm: print.topLayers * print.layerMm,
    bottomMm: print.bottomLayers * print.layerMm,
  });
  for (let c = 0; c < depth.length; c++) {
    if (grid.filled[c] === 0) continue;
    const solid = depth[c]!;
    shares.stiffness[c]! *= solid + (1 - solid) * core.modulus;
    shares.strength[c] = solid + (1 - solid) * core.strength;
    shares.mass[c]! *= solid + (1 - solid) * core.share;
  }
  return shares;
}

/** Share of each cell that walls and solid layers take up, 0 to 1. */
function depths(
  { counts, size, filled }: CellGrid,
  { wallMm, topMm, bottomMm }: { wallMm: number; topMm: number; bottomMm: number },
): Float64Array {
  const [nx, ny, nz] = counts;
  const solid = new Float64Array(filled.length);
  const open = (i: number, j: number, k: number): boolean =>
    i < 0 || j < 0 || k < 0 || i >= nx || j >= ny || k >= nz || filled[i + nx * (j + ny * k)] === 0;
  const reach = (mm: number, axis: 0 | 1 | 2): number => Math.ceil(mm / size[axis]);
  const takenUp = (thickMm: number, nearMm: number, edgeMm: number): number =>
    Math.min(1, Math.max(0, (thickMm - nearMm) / edgeMm));
  for (let k = 0; k < nz; k++)
    for (let j = 0; j < ny; j++)
      for (let i = 0; i < nx; i++) {
        const c = i + nx * (j + ny * k);
        if (filled[c] === 0) continue;
        let most = 0;
        for (let d = 1; d <= reach(topMm, 2) && most < 1; d++)
          if (open(i, j, k + d)) {
            most = Math.max(most, takenUp(topMm, (d - 1) * size[2], size[2]));
            break;
          }
        for (let d = 1; d <= reach(bottomMm, 2) && most < 1; d++)
          if (open(i, j, k - d)) {
            most = Math.max(most, takenUp(bottomMm, (d - 1) * size[2], size[2]));
            break;
          }
        for (let y = -reach(wallMm, 1); y <= reach(wallMm, 1) && most < 1; y++)
          for (let x = -reach(wallMm, 0); x <= reach(wallMm, 0) && most < 1; x++) {
            if ((x === 0 && y === 0) || !open(i + x, j + y, k)) continue;
            const nearMm = Math.hypot(
              Math.max(0, Math.abs(x) - 1) * size[0],
              Math.max(0, Math.abs(y) - 1) * size[1],
            );
            most = Math.max(most, takenUp(wallMm, nearMm, Math.min(size[0], size[1])));
          }
        solid[c] = most;
      }
  return solid;
}
