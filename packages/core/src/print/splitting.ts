import type { Brief } from '../brief/brief.js';
import type { Family } from '../materials/family.js';

/** Kelvins short of its window, times the height over which they split one print in e; estimates. */
const SHORT_K = 25;
const HEIGHT_MM = 150;

/**
 * Chance that a part splits between its layers while it prints: the colder the air against the family's
 * window and the taller the part, the likelier, 1 − e^{−(ΔT/25 K)·(h/150 mm)}. An estimate from what tall prints
 * in cold air are known to do.
 */
export function splitChance(brief: Brief, f: Family, airC: number): number {
  const shortK = Math.max(0, f.windows.chamberC.low - airC);
  return 1 - Math.exp((-shortK / SHORT_K) * (brief.geometry.zMm / HEIGHT_MM));
}
