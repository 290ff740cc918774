import type { Brief } from '../brief/brief.js';
import type { PartYear } from '../models/part-year.js';
import type { Weather } from '../climate/weather.js';
import { conditionsOf, yearOf, type Conditions } from '../brief/conditions.js';
import { modelVolumeCm3 } from '../brief/size.js';
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

/** Prepares a ranking. */
export function contextOf(brief: Brief, printer: Printer | null, weather: Weather | null = null): Context {
  return {
    brief,
    printer,
    conditions: conditionsOf(brief, weather),
    loads: serviceLoads(brief),
    safety: requiredSafety[brief.ifItFails],
    year: yearOf(brief, weather),
    partMaxIf: change => conditionsOf({ ...brief, ...change }, weather).partMaxC,
    volumeCm3: modelVolumeCm3(brief),
  };
}
