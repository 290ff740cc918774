import type { Brief } from '../brief/brief.js';
import type { PartYear } from '../climate/part-year.js';
import type { Weather } from '../climate/weather.js';
import { conditionsOf, yearOf, type Conditions } from '../brief/conditions.js';
import { serviceLoads, type ServiceLoad } from '../brief/service-load.js';
import { requiredSafety } from '../models/strength-allowable.js';
import type { Printer } from '../workshop/printer.js';

/** Everything about a ranking that does not depend on the candidate. */
export interface Context {
  brief: Brief;
  printer: Printer | null;
  conditions: Conditions;
  loads: ServiceLoad[];
  /** Required factor of safety. */
  safety: number;
  volumeCm3: number;
  /** The part's year, when its brief names a climate. */
  year: PartYear | null;
  /** What the part would reach if the brief said otherwise, °C. */
  partMaxIf: (change: Partial<Brief>) => number;
}

/** Volume of a part whose model is not known, as a share of its bounding box. */
export const BOX_SHARE = 0.32;

/** Prepares a ranking. */
export function contextOf(brief: Brief, printer: Printer | null, weather: Weather | null = null): Context {
  const g = brief.geometry;
  return {
    brief,
    printer,
    conditions: conditionsOf(brief, weather),
    loads: serviceLoads(brief),
    safety: requiredSafety[brief.ifItFails],
    year: yearOf(brief, weather),
    partMaxIf: change => conditionsOf({ ...brief, ...change }, weather).partMaxC,
    volumeCm3: g.volumeCm3 ?? (g.xMm * g.yMm * g.zMm * BOX_SHARE) / 1000,
  };
}
