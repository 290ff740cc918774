/** What is done against warping beyond what brief and printer say: see `warp-mitigations`. */
export interface WarpTweaks {
  /** Radius of the corners on the plate, mm. */
  filletMm?: number;
  /** What holds the edge down more, as a factor of the hold: a slow first layer; less on a dirty plate. */
  holdFactor?: number;
  /** Width of a brim, mm: the peel begins under a single layer at its rim. */
  brimMm?: number;
  /** Sharp corners do not matter: something stands on them. */
  cornersHeld?: boolean;
  /** The base is cut into pieces of this length by grooves, mm. */
  pieceMm?: number;
  /** What of the bow is left, by what is done after printing. */
  bowShare?: number;
  /** The bed as it is set, °C; else the middle of the family's window. */
  bedC?: number;
  /** The air as it is set, °C; else the printer's, no warmer than the family bears. */
  airC?: number;
  /** Kept off the cool rim of the plate. */
  offRim?: boolean;
}

/** What two sets of changes come to together. */
export function bothTweaks(a: WarpTweaks, b: WarpTweaks): WarpTweaks {
  return {
    ...a,
    ...b,
    brimMm: Math.max(a.brimMm ?? 0, b.brimMm ?? 0),
    holdFactor: (a.holdFactor ?? 1) * (b.holdFactor ?? 1),
    bowShare: (a.bowShare ?? 1) * (b.bowShare ?? 1),
  };
}
