import { solidity, type Solidity } from './solid.js';
import { weld } from './weld.js';

/** How a shape hangs together, and how far corners that are meant to be one lie apart. */
export interface Soundness {
  solid: Solidity;
  /** 0 where they are exactly one, or where no small gap closes it. */
  gridMm: number;
}

/** Corners that do not quite meet are closed within this share of the part's size. */
const GAP_SHARE = 1e-6;

/** Looks whether a shape is closed; where it is not, whether small gaps are all that it lacks. */
export function soundness(positions: Float32Array, sizeMm: number): Soundness {
  const exact = solidity(weld(positions));
  if (exact.watertight) return { solid: exact, gridMm: 0 };
  const gridMm = GAP_SHARE * sizeMm;
  const closed = solidity(weld(positions, gridMm));
  return closed.openEdges < exact.openEdges ? { solid: closed, gridMm } : { solid: exact, gridMm: 0 };
}
