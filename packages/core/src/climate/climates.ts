import { xoroshiro128plus } from 'pure-rand';
import { clearSkyGhiWm2, cosZenith, middleOfHour } from './clear-sky.js';
import type { Weather } from './weather.js';

/** The shipped climates: invented places, typical of their kind. */
export const climateKeys = ['hill', 'coast', 'desert', 'north'] as const;
/** A shipped climate. */
export type ClimateKey = (typeof climateKeys)[number];

interface Recipe {
  name: string;
  seed: number;
  latitudeDeg: number;
  /** Mean of the year, half the swing over the year, half the swing over a clear day, °C. */
  meanC: number;
  annualC: number;
  dailyC: number;
  /** Spread of warm and cold spells, K. */
  spellK: number;
  /** Mean cloud cover 0…1 and mean wind m/s. */
  cloud: number;
  windMs: number;
}

const recipes: Record<ClimateKey, Recipe> = {
  hill: {
    name: 'Hill farm',
    seed: 1001,
    latitudeDeg: 54.5,
    meanC: 7.5,
    annualC: 6.5,
    dailyC: 4,
    spellK: 3,
    cloud: 0.66,
    windMs: 4.5,
  },
  coast: {
    name: 'Mild coast',
    seed: 1002,
    latitudeDeg: 43.5,
    meanC: 14,
    annualC: 7,
    dailyC: 3.5,
    spellK: 2.2,
    cloud: 0.48,
    windMs: 5,
  },
  desert: {
    name: 'Dry plain',
    seed: 1003,
    latitudeDeg: 27,
    meanC: 24.5,
    annualC: 10,
    dailyC: 8,
    spellK: 2,
    cloud: 0.12,
    windMs: 3.5,
  },
  north: {
    name: 'Northern valley',
    seed: 1004,
    latitudeDeg: 65.5,
    meanC: 1.5,
    annualC: 12.5,
    dailyC: 4.5,
    spellK: 4.5,
    cloud: 0.6,
    windMs: 3,
  },
};

/** What a climate is called. */
export function climateName(key: ClimateKey): string {
  return recipes[key].name;
}

/**
 * Makes a year of weather from a recipe and its seed; the same every time.
 * Air: a yearly cosine (coldest on 15 January), a daily cosine (warmest at 15:00, flatter under cloud) and
 * spells, an AR(1) of the days (φ = 0.8).
 * Cloud: an AR(1) of the days (φ = 0.6) about the mean, kept within 0…1. Irradiance: clear sky times 1 −
 * 0.75·cloud^3.4 (Kasten and Czeplak 1980).
 * Wind: an AR(1) of the hours (φ = 0.9), stronger by day.
 */
function generate(r: Recipe): Weather {
  const generator = xoroshiro128plus(r.seed);
  const uniform = (): number => ((generator.unsafeNext() >>> 0) + 0.5) / 2 ** 32;
  // Box and Muller 1958.
  const normal = (): number => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
  const airC: number[] = [];
  const ghiWm2: number[] = [];
  const windMs: number[] = [];
  let spell = 0;
  let haze = 0;
  let gust = 0;
  for (let day = 0; day < 365; day++) {
    spell = 0.8 * spell + Math.sqrt(1 - 0.8 ** 2) * normal();
    haze = 0.6 * haze + Math.sqrt(1 - 0.6 ** 2) * normal();
    const cloud = Math.min(1, Math.max(0, r.cloud + 0.32 * haze));
    const season = -Math.cos((2 * Math.PI * (day - 14)) / 365);
    for (let hour = 0; hour < 24; hour++) {
      const swing = r.dailyC * (1.25 - 0.6 * cloud) * Math.cos((2 * Math.PI * (hour + 0.5 - 15)) / 24);
      gust = 0.9 * gust + Math.sqrt(1 - 0.9 ** 2) * normal();
      const clear = clearSkyGhiWm2(cosZenith(middleOfHour(day * 24 + hour, 0), r.latitudeDeg, 0));
      airC.push(round(r.meanC + r.annualC * season + r.spellK * spell + swing, 1));
      ghiWm2.push(round(clear * (1 - 0.75 * cloud ** 3.4), 0));
      windMs.push(
        round(
          Math.max(0.2, r.windMs * (1 + 0.2 * Math.cos((2 * Math.PI * (hour - 14)) / 24) + 0.45 * gust)),
          1,
        ),
      );
    }
  }
  return { name: r.name, latitudeDeg: r.latitudeDeg, longitudeDeg: 0, timezoneH: 0, airC, ghiWm2, windMs };
}

function round(x: number, digits: number): number {
  const p = 10 ** digits;
  return Math.round(x * p) / p;
}

const made = new Map<ClimateKey, Weather>();

/** Whether a shipped climate's year has been made or adopted here. */
export function climateKnown(key: ClimateKey): boolean {
  return made.has(key);
}

/** Takes over a year made elsewhere, e.g. in a worker; a year already here stays. */
export function adoptClimate(key: ClimateKey, weather: Weather): void {
  if (!made.has(key)) made.set(key, weather);
}

/** A shipped climate's year; made once, when first asked for. */
export function climate(key: ClimateKey): Weather {
  const known = made.get(key);
  if (known) return known;
  const weather = generate(recipes[key]);
  made.set(key, weather);
  return weather;
}
