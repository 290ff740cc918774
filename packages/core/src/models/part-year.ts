import { ageingEquivalentC } from './heat-ageing.js';
import { quantileSorted } from 'simple-statistics';
import { cabinTemperatureC, VEHICLE_GLASS, vehicleSunlitC } from './heat-vehicle.js';
import { surfaceTemperatureC } from './heat-surface.js';
import type { Weather } from '../climate/weather.js';

/** Where a part stands in the weather. */
export interface PartPlace {
  setting: 'outdoors' | 'closed-vehicle' | 'indoors';
  absorptivity: number;
  /** Share of open-sky sun, 0…1. */
  sunShare: number;
  /** Share of the station's wind that reaches the part: about half, near the ground and beside something. */
  windShare: number;
}

/** A part's year: its temperature each hour, and the same in rising order for counting. */
export interface PartYear {
  partC: readonly number[];
  sorted: readonly number[];
  maxC: number;
  minC: number;
  p999C: number;
  /** The constant temperature that ages as much as this year, °C. */
  ageingC: number;
}

/** The part's temperature in one hour, °C. Out of the sun it is at least the air's: see `conditionsOf`. */
export function partTemperatureC(place: PartPlace, airC: number, ghiWm2: number, windMs: number): number {
  const irradianceWm2 = ghiWm2 * place.sunShare;
  if (place.setting === 'indoors') return airC;
  if (place.setting === 'closed-vehicle') {
    // The cabin is warmed by the whole sky's sun, whatever reaches the part.
    const vehicle = {
      ambientC: airC,
      irradianceWm2: ghiWm2,
      absorptivity: place.absorptivity,
      cabinRiseK: 25,
      glassTransmission: VEHICLE_GLASS,
    };
    return place.sunShare >= 0.5 ? vehicleSunlitC(vehicle) : cabinTemperatureC(vehicle);
  }
  if (irradianceWm2 <= 0) return airC;
  return Math.max(
    airC,
    surfaceTemperatureC({
      ambientC: airC,
      irradianceWm2,
      absorptivity: place.absorptivity,
      emissivity: 0.9,
      windMs: windMs * place.windShare,
      exposedSides: 2,
      skyView: 1,
    }),
  );
}

/** A part's temperatures over a year of weather. */
export function partYear(weather: Weather, place: PartPlace): PartYear {
  const partC = weather.airC.map((air, i) =>
    partTemperatureC(place, air, weather.ghiWm2[i] ?? 0, weather.windMs[i] ?? 1),
  );
  const sorted = [...Float64Array.from(partC).sort()];
  return {
    partC,
    sorted,
    minC: sorted[0] ?? NaN,
    maxC: sorted[sorted.length - 1] ?? NaN,
    p999C: quantileSorted(sorted, 0.999),
    ageingC: ageingEquivalentC(partC),
  };
}

/** Hours of the year in which the part is hotter than a limit, by bisection in the sorted year. */
export function hoursAbove(year: Pick<PartYear, 'sorted'>, limitC: number): number {
  let low = 0;
  let high = year.sorted.length;
  while (low < high) {
    const mid = (low + high) >> 1;
    if ((year.sorted[mid] ?? 0) > limitC) high = mid;
    else low = mid + 1;
  }
  return year.sorted.length - low;
}

const cache = new WeakMap<Weather, Map<string, PartYear>>();

function keyOf(place: PartPlace): string {
  return `${place.setting} ${place.absorptivity} ${place.sunShare} ${place.windShare}`;
}

/** Whether {@link rememberedPartYear} would answer at once. */
export function partYearKnown(weather: Weather, place: PartPlace): boolean {
  return cache.get(weather)?.has(keyOf(place)) ?? false;
}

/** Takes over a year worked out elsewhere, e.g. in a worker. */
export function adoptPartYear(weather: Weather, place: PartPlace, year: PartYear): void {
  const years = cache.get(weather) ?? new Map<string, PartYear>();
  cache.set(weather, years);
  years.set(keyOf(place), year);
}

/** {@link partYear}, remembered for each weather and place: ranking asks for the same year at every keystroke. */
export function rememberedPartYear(weather: Weather, place: PartPlace): PartYear {
  const known = cache.get(weather)?.get(keyOf(place));
  if (known) return known;
  const year = partYear(weather, place);
  adoptPartYear(weather, place, year);
  return year;
}
