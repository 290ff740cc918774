/** What a brief takes where nothing is said. */

/** Volume of a part whose model is not known, as a share of its bounding box. */
export const BOX_SHARE = 0.32;

/** The hardness of a rubbery part, [min, max] Shore A. */
export const RUBBERY_SHORE_A: readonly [number, number] = [70, 100];
