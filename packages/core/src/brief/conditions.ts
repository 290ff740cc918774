import { absorptivityOf } from '../models/colours.js';
import { surfaceTemperatureC, type HeatSurfaceInput } from '../models/heat-surface.js';
import { cabinTemperatureC, vehicleSunlitC } from '../models/heat-vehicle.js';
import { exposureShare, uvDoseMJm2 } from '../models/uv-dose.js';
import type { Brief } from './brief.js';

/** Which model gave a number, and on what inputs: enough to show its working. */
export interface WorkingRef { model: string; inputs: object }

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
export interface Site { irradianceWm2: number; ghiKWhm2Year: number }

/** A sunny temperate site, used unless a climate is chosen. */
export const defaultSite: Site = { irradianceWm2: 950, ghiKWhm2Year: 1500 };

/** Air temperatures taken when the brief does not say, °C. */
export const defaultAmbient = { indoors: { maxC: 28, minC: 15 }, elsewhere: { maxC: 35, minC: -10 } };

/** The conditions that a brief implies. */
export function conditionsOf(brief: Brief, site: Site = defaultSite): Conditions {
  const { setting } = brief.heat;
  const fallback = setting === 'indoors' || setting === 'near-source' ? defaultAmbient.indoors : defaultAmbient.elsewhere;
  const ambientMaxC = brief.heat.ambientMaxC ?? Math.max(fallback.maxC, brief.heat.ambientMinC ?? -Infinity);
  const ambientMinC = brief.heat.ambientMinC ?? Math.min(fallback.minC, ambientMaxC);
  const irradianceWm2 = site.irradianceWm2 * exposureShare[brief.sun];
  const absorptivity = absorptivityOf[brief.looks.clear ? 'clear' : brief.looks.colour];
  let partMaxC = ambientMaxC;
  let ref: WorkingRef | null = null;
  if (setting === 'outdoors') {
    const inputs: HeatSurfaceInput = { ambientC: ambientMaxC, irradianceWm2, absorptivity, emissivity: 0.9, windMs: 1, exposedSides: 2, skyView: 1 };
    // In the shade the balance gives a surface cooler than the air, by radiating to a clear sky; a shaded part sees walls and leaves instead, so the air is the honest floor.
    partMaxC = Math.max(ambientMaxC, surfaceTemperatureC(inputs));
    ref = { model: 'heat.surface', inputs };
  } else if (setting === 'closed-vehicle') {
    const inputs = { ambientC: ambientMaxC, irradianceWm2: site.irradianceWm2, absorptivity, cabinRiseK: 25, glassTransmission: 0.45 };
    partMaxC = brief.sun === 'none' || brief.sun === 'reflected' ? cabinTemperatureC(inputs) : vehicleSunlitC(inputs);
    ref = { model: 'heat.vehicle', inputs };
  } else if (setting === 'near-source') partMaxC = brief.heat.sourceC ?? ambientMaxC;
  else if (setting === 'custom') partMaxC = brief.heat.partC ?? ambientMaxC;
  const dose = { ghiKWhm2Year: site.ghiKWhm2Year, exposure: brief.sun, years: brief.lifeYears };
  return {
    ambientMaxC, ambientMinC, irradianceWm2, partMaxC,
    partMinC: Math.min(ambientMinC, partMaxC),
    doseAYearMJm2: uvDoseMJm2({ ...dose, years: 1 }),
    uvDoseMJm2: uvDoseMJm2(dose),
    working: { partMaxC: ref, uvDoseMJm2: brief.sun === 'none' ? null : { model: 'uv.dose', inputs: dose } },
  };
}
