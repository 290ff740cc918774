import { effectiveColour } from './looks.js';
import { climate } from '../climate/climates.js';
import { rememberedPartYear, type PartPlace, type PartYear } from '../models/part-year.js';
import { annualGhiKWhm2, highest, lowest, type Weather } from '../climate/weather.js';
import { absorptivityOf } from '../materials/colours.js';
import { surfaceTemperatureC, type HeatSurfaceInput } from '../models/heat-surface.js';
import { cabinTemperatureC, vehicleSunlitC } from '../models/heat-vehicle.js';
import { exposureShare, uvDoseMJm2 } from '../models/uv-dose.js';
import type { Brief } from './brief.js';
import type { HeatSetting } from './choices.js';

/** Which model gave a number, and on what inputs: enough to show its working. */
export interface WorkingRef {
  model: string;
  inputs: object;
}

/** What follows from a brief, the same way everywhere. */
export interface Conditions {
  ambientMaxC: number;
  ambientMinC: number;
  irradianceWm2: number;
  partMaxC: number;
  partMinC: number;
  doseAYearMJm2: number;
  uvDoseMJm2: number;
  working: { partMaxC: WorkingRef | null; uvDoseMJm2: WorkingRef | null };
}

/** The site: clear-sky irradiance W/m² and global horizontal irradiation kWh/m² a year. */
export interface Site {
  irradianceWm2: number;
  ghiKWhm2Year: number;
}

/** A sunny temperate site, used unless a climate is chosen. */
export const defaultSite: Site = { irradianceWm2: 950, ghiKWhm2Year: 1500 };

/** Air temperatures taken when the brief does not say, °C. */
export const defaultAmbient = { indoors: { maxC: 28, minC: 15 }, elsewhere: { maxC: 35, minC: -10 } };

/** Air temperatures that a setting has when the brief does not say, °C, unless a climate is chosen. */
export function defaultAir(setting: HeatSetting): { maxC: number; minC: number } {
  return setting === 'indoors' || setting === 'near-source'
    ? defaultAmbient.indoors
    : defaultAmbient.elsewhere;
}

/** Share of a weather mast's wind that reaches a part near the ground. */
const WIND_SHARE = 0.5;

/** The weather that a brief names: a shipped climate, its own when that is at hand, or none. */
export function weatherOf(brief: Brief, own: Weather | null = null): Weather | null {
  const choice = brief.heat.climate;
  return choice === null ? null : choice === 'own' ? own : climate(choice);
}

/** A part's year in the weather its brief names; null without weather, or where the weather does not decide. */
export function yearOf(brief: Brief, own: Weather | null = null): PartYear | null {
  const place = placeInWeather(brief);
  const weather = place && weatherOf(brief, own);
  return place && weather ? rememberedPartYear(weather, place) : null;
}

/** How a part stands in its weather, where the weather decides its temperature; else null. */
export function placeInWeather(brief: Brief): PartPlace | null {
  const { setting, climate: named } = brief.heat;
  return named !== null && (setting === 'outdoors' || setting === 'closed-vehicle')
    ? placeOf(brief, setting)
    : null;
}

function placeOf(brief: Brief, setting: PartPlace['setting']): PartPlace {
  return {
    setting,
    absorptivity: absorptivityOf[effectiveColour(brief)],
    sunShare: exposureShare[brief.sun],
    windShare: WIND_SHARE,
  };
}

/**
 * The conditions that a brief implies.
 * @param own hourly weather, for briefs that name their own; without it they fall back to the default site
 */
export function conditionsOf(brief: Brief, own: Weather | null = null): Conditions {
  const { setting } = brief.heat;
  const weather = weatherOf(brief, own);
  const site = weather
    ? { irradianceWm2: highest(weather.ghiWm2), ghiKWhm2Year: annualGhiKWhm2(weather) }
    : defaultSite;
  const usual = defaultAir(setting);
  const outside = usual === defaultAmbient.elsewhere;
  const fallback = outside && weather ? { maxC: highest(weather.airC), minC: lowest(weather.airC) } : usual;
  const ambientMaxC = brief.heat.ambientMaxC ?? Math.max(fallback.maxC, brief.heat.ambientMinC ?? -Infinity);
  const ambientMinC = brief.heat.ambientMinC ?? Math.min(fallback.minC, ambientMaxC);
  const irradianceWm2 = site.irradianceWm2 * exposureShare[brief.sun];
  const place = placeOf(brief, 'outdoors');
  const { absorptivity } = place;
  let partMaxC = ambientMaxC;
  let ref: WorkingRef | null = null;
  const year = yearOf(brief, own);
  if (year) {
    // A year of hours knows better than one hot day: its hottest hour decides.
    partMaxC = year.maxC;
    ref = { model: 'heat.year', inputs: { climate: brief.heat.climate, ...place, setting } };
  } else if (setting === 'outdoors') {
    const inputs: HeatSurfaceInput = {
      ambientC: ambientMaxC,
      irradianceWm2,
      absorptivity,
      emissivity: 0.9,
      windMs: 1,
      exposedSides: 2,
      skyView: 1,
    };
    // In the shade the balance gives a surface cooler than the air, by radiating to a clear sky; a shaded
    // part sees walls and leaves instead, so the air is the honest floor.
    partMaxC = Math.max(ambientMaxC, surfaceTemperatureC(inputs));
    ref = { model: 'heat.surface', inputs };
  } else if (setting === 'closed-vehicle') {
    const inputs = {
      ambientC: ambientMaxC,
      irradianceWm2: site.irradianceWm2,
      absorptivity,
      cabinRiseK: 25,
      glassTransmission: 0.45,
    };
    partMaxC =
      brief.sun === 'none' || brief.sun === 'reflected' ? cabinTemperatureC(inputs) : vehicleSunlitC(inputs);
    ref = { model: 'heat.vehicle', inputs };
  } else if (setting === 'near-source') partMaxC = brief.heat.sourceC ?? ambientMaxC;
  else if (setting === 'custom') partMaxC = brief.heat.partC ?? ambientMaxC;
  const dose = { ghiKWhm2Year: site.ghiKWhm2Year, exposure: brief.sun, years: brief.lifeYears };
  return {
    ambientMaxC,
    ambientMinC,
    irradianceWm2,
    partMaxC,
    partMinC: Math.min(ambientMinC, partMaxC),
    doseAYearMJm2: uvDoseMJm2({ ...dose, years: 1 }),
    uvDoseMJm2: uvDoseMJm2(dose),
    working: { partMaxC: ref, uvDoseMJm2: brief.sun === 'none' ? null : { model: 'uv.dose', inputs: dose } },
  };
}
