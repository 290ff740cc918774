import { defaultSite } from '../brief/conditions.js';
import { isFilledBlack } from '../materials/fibre.js';
import { typical, type Family } from '../materials/family.js';
import { uvDoseMJm2 } from '../models/uv-dose.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
import type { Placement } from './placement.js';

/**
 * Years of its sun after which ageing tests have a part's surface down to half its toughness; null out of the sun.
 * @param ghiKWhm2Year of the place; default a sunny temperate one
 */
export function labYearsOf(
  { place, colour }: Pick<Placement, 'place' | 'colour'>,
  f: Family,
  ghiKWhm2Year = defaultSite.ghiKWhm2Year,
): number | null {
  const doseAYear = uvDoseMJm2({ ghiKWhm2Year, exposure: place.sun, years: 1, glass: 'none' });
  if (doseAYear <= 0) return null;
  // A fibre-filled family's figure already stands for a black plastic.
  return uvYearsToHalf(doseAYear, typical(f, 'uvHalfDoseMJm2'), isFilledBlack(f) ? 'light' : colour);
}
