import { defaultSite } from '../brief/conditions.js';
import { climate } from '../climate/climates.js';
import { yearSpan } from '../climate/weather.js';
import { isFilledBlack } from '../materials/fibre.js';
import { typical, type Family } from '../materials/family.js';
import { uvDoseMJm2 } from '../models/uv-dose.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
import type { Placement, ServicePlace } from './placement.js';

/**
 * What sun falls where a part is, kWh/m² a year: by one's own weather, by the climate that it is like, or as usual.
 * @param ofWeather the sun of a year of one's own weather by its id; null where it is gone
 */
export function sunOfPlace(
  { weatherId, climate: like }: Pick<ServicePlace, 'weatherId' | 'climate'>,
  ofWeather: (id: string) => number | null,
): number {
  const own = weatherId === null ? null : ofWeather(weatherId);
  if (own !== null) return own;
  return like === null ? defaultSite.ghiKWhm2Year : yearSpan(climate(like)).ghiKWhm2Year;
}

/**
 * Years of its sun after which ageing tests have a part's surface down to half its toughness; null out of the sun.
 * @param ghiKWhm2Year of the place; default a sunny temperate one
 */
export function labYearsOf(
  { place, colour }: Pick<Placement, 'colour'> & { place: Pick<ServicePlace, 'sun'> },
  f: Family,
  ghiKWhm2Year = defaultSite.ghiKWhm2Year,
): number | null {
  const doseAYear = uvDoseMJm2({ ghiKWhm2Year, exposure: place.sun, years: 1, glass: 'none' });
  if (doseAYear <= 0) return null;
  // A fibre-filled family's figure already stands for a black plastic.
  return uvYearsToHalf(doseAYear, typical(f, 'uvHalfDoseMJm2'), isFilledBlack(f) ? 'light' : colour);
}
