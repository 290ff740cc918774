import { conditionsOf, glassOf, hoursADayOf } from '../brief/conditions.js';
import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';

/** What a ranking is worked out from; a tip gives it changed, so that it can be tried. */
export interface Premises {
  brief: Brief;
  printer: Printer | null;
  families: readonly Family[];
}

/** A family or grade at another price, as its typical one. */
export function withPrice(f: Family, price: number): Family {
  const p = f.properties.pricePerKg;
  return p
    ? {
        ...f,
        properties: {
          ...f.properties,
          pricePerKg: { ...p, low: Math.min(p.low, price), typical: price, high: Math.max(p.high, price) },
        },
      }
    : f;
}

/** A brief whose part reaches a temperature of its own, whatever the weather says. */
export function withPartC(brief: Brief, partC: number): Brief {
  const { partMinC } = conditionsOf(brief);
  return {
    ...brief,
    heat: {
      ...brief.heat,
      setting: 'custom',
      partC,
      climate: null,
      // Its cold, its hours and its glass stay those of its place: only the peak is turned.
      partMinC: Math.min(partC, partMinC),
      hoursADay: hoursADayOf(brief),
      glass: glassOf(brief),
    },
  };
}

/** A load made larger or smaller as a whole: its force, stress, undercut and mass. */
export function scaledLoad(load: BriefLoad, share: number): BriefLoad {
  const times = (x: number | null): number | null => (x === null ? null : x * share);
  return {
    ...load,
    forceN: times(load.forceN),
    forceLowN: times(load.forceLowN),
    stressMPa: times(load.stressMPa),
    undercutMm: times(load.undercutMm),
    massKg: times(load.massKg),
  };
}
