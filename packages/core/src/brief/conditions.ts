import { effectiveColour } from './looks.js';
import { climate } from '../climate/climates.js';
import { rememberedPartYear, type PartPlace, type PartYear } from '../models/part-year.js';
import { yearSpan, type Weather } from '../climate/weather.js';
import { absorptivityOf } from '../materials/colours.js';
import { surfaceTemperatureC, type HeatSurfaceInput } from '../models/heat-surface.js';
import { cabinTemperatureC, VEHICLE_GLASS, vehicleSunlitC } from '../models/heat-vehicle.js';
import { noonShare, uvDoseMJm2, type Glass } from '../models/uv-dose.js';
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
  /** Hours a day at the hottest. */
  hoursADay: number;
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
    sunShare: noonShare[brief.sun],
    windShare: WIND_SHARE,
  };
}

/** Hours a day that a part is at its hottest where the weather decides: the middle of a summer's day. */
const HOT_HOURS = 6;
/** Share of the sun's heat that window glass lets through. */
const GLASS_HEAT_SHARE = 0.8;

/** Whether a part's temperature is given rather than worked out from weather. */
function isSteady(setting: HeatSetting): boolean {
  return setting === 'near-source' || setting === 'custom';
}

/** The glass between the sun and the part: as said, else as its place has it. */
export function glassOf(brief: Pick<Brief, 'heat'>): Glass {
  return brief.heat.glass ?? glassBySetting[brief.heat.setting];
}

const glassBySetting: Record<HeatSetting, Glass> = {
  indoors: 'window',
  outdoors: 'none',
  'closed-vehicle': 'vehicle',
  'near-source': 'none',
  custom: 'none',
};

/** Hours a day that the part is at its hottest: as said, else as its place has it. */
export function hoursADayOf(brief: Pick<Brief, 'heat'>): number {
  return brief.heat.hoursADay ?? (isSteady(brief.heat.setting) ? 24 : HOT_HOURS);
}

/** The hottest a part gets, °C, and what model said so. */
interface Hottest {
  partMaxC: number;
  ref: WorkingRef | null;
}

/**
 * The conditions that a brief implies.
 * @param own hourly weather, for briefs that name their own; without it they fall back to the default site
 */
export function conditionsOf(brief: Brief, own: Weather | null = null): Conditions {
  const { setting } = brief.heat;
  const weather = weatherOf(brief, own);
  const span = weather && yearSpan(weather);
  const site = span ?? defaultSite;
  const usual = defaultAir(setting);
  const outside = usual === defaultAmbient.elsewhere;
  const fallback = outside && span ? { maxC: span.airMaxC, minC: span.airMinC } : usual;
  const ambientMaxC = brief.heat.ambientMaxC ?? Math.max(fallback.maxC, brief.heat.ambientMinC ?? -Infinity);
  const ambientMinC = brief.heat.ambientMinC ?? Math.min(fallback.minC, ambientMaxC);
  const irradianceWm2 = site.irradianceWm2 * noonShare[brief.sun];
  const year = yearOf(brief, own);
  const { partMaxC, ref } = year
    ? hottestOfYear(brief, year)
    : hottestBySetting[setting](brief, ambientMaxC, site.irradianceWm2);
  const glass = glassOf(brief);
  const dose = { ghiKWhm2Year: site.ghiKWhm2Year, exposure: brief.sun, years: brief.lifeYears, glass };
  const coldest = isSteady(setting) ? partMaxC : ambientMinC;
  return {
    ambientMaxC,
    ambientMinC,
    irradianceWm2,
    partMaxC,
    partMinC: Math.min(brief.heat.partMinC ?? coldest, partMaxC),
    hoursADay: hoursADayOf(brief),
    doseAYearMJm2: uvDoseMJm2({ ...dose, years: 1 }),
    uvDoseMJm2: uvDoseMJm2(dose),
    working: { partMaxC: ref, uvDoseMJm2: brief.sun === 'none' ? null : { model: 'uv.dose', inputs: dose } },
  };
}

/** A year of hours knows better than one hot day: its hottest hour decides. */
function hottestOfYear(brief: Brief, year: PartYear): Hottest {
  const inputs = {
    climate: brief.heat.climate,
    ...placeOf(brief, 'outdoors'),
    setting: brief.heat.setting,
  };
  return { partMaxC: year.maxC, ref: { model: 'heat.year', inputs } };
}

const hottestBySetting: Record<HeatSetting, (brief: Brief, ambientMaxC: number, siteWm2: number) => Hottest> =
  {
    indoors: (brief, ambientMaxC, siteWm2) =>
      brief.sun === 'none'
        ? { partMaxC: ambientMaxC, ref: null }
        : sunlit(brief, ambientMaxC, siteWm2, glassOf(brief) !== 'none', 0),
    outdoors: (brief, ambientMaxC, siteWm2) => {
      const behind = glassOf(brief) !== 'none';
      return sunlit(brief, ambientMaxC, siteWm2, behind, behind ? 0 : 1);
    },
    'closed-vehicle': (brief, ambientMaxC, siteWm2) => {
      const inputs = {
        ambientC: ambientMaxC,
        irradianceWm2: siteWm2,
        absorptivity: absorptivityOf[effectiveColour(brief)],
        cabinRiseK: 25,
        glassTransmission: VEHICLE_GLASS,
      };
      const shaded = brief.sun === 'none' || brief.sun === 'reflected';
      return {
        partMaxC: shaded ? cabinTemperatureC(inputs) : vehicleSunlitC(inputs),
        ref: { model: 'heat.vehicle', inputs },
      };
    },
    'near-source': (brief, ambientMaxC) => ({ partMaxC: brief.heat.sourceC ?? ambientMaxC, ref: null }),
    custom: (brief, ambientMaxC) => ({ partMaxC: brief.heat.partC ?? ambientMaxC, ref: null }),
  };

/** A part in the sun, behind glass or not. */
function sunlit(
  brief: Brief,
  ambientMaxC: number,
  siteWm2: number,
  behindGlass: boolean,
  windMs: number,
): Hottest {
  const inputs: HeatSurfaceInput = {
    ambientC: ambientMaxC,
    irradianceWm2: siteWm2 * noonShare[brief.sun] * (behindGlass ? GLASS_HEAT_SHARE : 1),
    absorptivity: absorptivityOf[effectiveColour(brief)],
    emissivity: 0.9,
    windMs,
    exposedSides: 2,
    skyView: 1,
  };
  // In the shade the balance gives a surface cooler than the air, by radiating to a clear sky; a shaded
  // part sees walls and leaves instead, so the air is the honest floor.
  return {
    partMaxC: Math.max(ambientMaxC, surfaceTemperatureC(inputs)),
    ref: { model: 'heat.surface', inputs },
  };
}
