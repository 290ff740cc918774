import { RUBBERY_SHORE_A } from './defaults.js';
import type { Brief } from './brief.js';

/** The hardness a rubbery part is wanted in, [min, max] Shore A. */
export function hardnessWanted(brief: Brief): readonly [number, number] {
  return brief.flex.shoreA ?? RUBBERY_SHORE_A;
}
