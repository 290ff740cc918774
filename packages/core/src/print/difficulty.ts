import type { Family } from '../materials/family.js';
import type { PropertyName } from '../materials/property.js';
import type { Printer } from '../workshop/printer.js';
import { between } from '../lib/between.js';
import { holdOnPei } from './adhesion.js';

/** One thing that a family asks of printer, part or keeper beyond a spool of plain PLA, and how much. */
export interface Ask {
  label: string;
  /** Its share of the print difficulty; what a beginner would notice counts about 1. */
  points: number;
  /** Share of first prints that succeed in spite of it; as its points have it, unless it says otherwise. */
  keeps?: number;
}

/** Air that only a closed printer has, °C. */
const CLOSED_AIR_C = 30;
/** Air that only a heated chamber has, °C. */
const HEATED_AIR_C = 60;
/** Points of a nozzle so hot at least, °C: what a lined hot end does not reach, and what few machines do. */
const NOZZLE_POINTS = [
  [235, 0],
  [245, 0.3],
  [260, 1],
  [340, 4],
] as const;
/** From here a hot end has to be made for it, °C. */
const HOT_END_C = 260;
/** Shares of its best hold that a family has on bare PEI: as good as nothing, and little. */
export const HOLD_ON_PEI = { none: 0.1, poor: 0.5 };
/** Hardness under which a feeder made for soft filament is wanted, Shore A. */
const VERY_SOFT_A = 70;

/** The middle of a family's range: how its kind is handled, whatever one spool of it measures. */
function usual(f: Family, name: PropertyName): number | null {
  const range = f.properties[name];
  return range ? (range.low + range.high) / 2 : null;
}

/** What is left of the trouble of feeding soft filament where it is led closely, and where gears grip both sides. */
const FEEDING_LEFT = { guided: 0.65, bothSides: 0.85 };
/** Bore under which soft filament is pushed back harder than it can be pushed, mm. */
const NARROW_BORE_MM = 0.4;

/** Asks of families that are not stiff enough for every feeder. */
function feedAsk(f: Family, p: Printer | null): Ask | null {
  const shoreA = usual(f, 'shoreA');
  const remote = p?.drive === 'bowden' ? 1.5 : 0;
  const narrow = p && p.nozzleMm < NARROW_BORE_MM ? 1 : 0;
  const left =
    (p?.path === 'guided' ? FEEDING_LEFT.guided : 1) *
    (p?.gears === 'both-sides' ? FEEDING_LEFT.bothSides : 1);
  switch (f.flags.drive) {
    case 'any':
      return shoreA === null && (usual(f, 'modulusMPa') ?? 0) > 500
        ? null
        : { label: 'slow feeding', points: left * (0.5 + remote / 3 + narrow / 3) };
    case 'slow-bowden':
      return { label: 'slow feeding', points: left * (1 + remote + narrow) };
    case 'direct': {
      const verySoft = shoreA !== null && shoreA < VERY_SOFT_A ? 1.5 : 0;
      return { label: 'a direct drive, slowly', points: left * (4 + remote + verySoft + narrow) };
    }
  }
}

/** Asks about the air around the print. An open printer pays for what it lacks by the chance of lifting. */
function airAsks(f: Family): Ask[] {
  const { low } = f.windows.chamberC;
  const asks: Ask[] = [];
  if (low > CLOSED_AIR_C) asks.push({ label: 'warm, still air', points: 1 });
  if (low > HEATED_AIR_C) asks.push({ label: 'a heated chamber', points: 2 });
  return asks;
}

function nozzleAsk(f: Family): Ask | null {
  const { low } = f.windows.nozzleC;
  const points = between(NOZZLE_POINTS, low);
  if (points <= 0) return null;
  const rounded = 10 * Math.floor(low / 10);
  return {
    label: low >= HOT_END_C ? `a hot end for over ${rounded} °C` : `a nozzle over ${rounded} °C`,
    points,
  };
}

/** Share of the trouble of drying that is left where filament stays dry in the box that it is fed from. */
const FED_DRY_LEFT = 0.6;
/** Air from which a box keeps filament dry while it is fed, °C. */
export const FED_DRY_C = 40;

/** Drying: each time for what drinks, the more the more it drinks. */
function dryingAsk(f: Family, p: Printer | null): Ask | null {
  const left = p?.feedDryerC != null && p.feedDryerC >= FED_DRY_C ? FED_DRY_LEFT : 1;
  const uptake = usual(f, 'waterUptakePct') ?? 0;
  switch (f.flags.moisture) {
    case 'low':
      return null;
    case 'medium':
      return { label: 'a dry spool', points: left * 0.3 };
    case 'high':
      return { label: 'drying before each print', points: left * (1.1 + 0.1 * Math.min(9, uptake)) };
  }
}

function plateAsk(f: Family): Ask | null {
  const share = holdOnPei(f);
  if (share < HOLD_ON_PEI.none) return { label: 'a tape or plate of its own', points: 4.5 };
  if (share < HOLD_ON_PEI.poor) return { label: 'glue on the plate', points: 0.4 };
  return f.adhesion['smooth-pei']?.grips ? { label: 'a plate it does not tear', points: 0.2 } : null;
}

const fumesPoints = { low: 0, moderate: 0.4, styrene: 0.75 };

/**
 * What a family asks of this printer and its keeper, each with its share of the difficulty. The chance that
 * this part lifts, and checks that the printer only just passes, come on top: see `printability`.
 * @param p the printer; null for none in particular
 */
export function asksOf(f: Family, p: Printer | null): Ask[] {
  const { flags } = f;
  const asks: (Ask | null)[] = [
    feedAsk(f, p),
    ...airAsks(f),
    nozzleAsk(f),
    flags.abrasive ? { label: 'a hardened nozzle', points: 0.75 } : null,
    dryingAsk(f, p),
    plateAsk(f),
    { label: 'cleaning off strings', points: 0.8 * flags.stringing },
    // Whom a vapour troubles is no matter of whether the print succeeds.
    flags.fumes === 'low' ? null : { label: 'ventilation', points: fumesPoints[flags.fumes], keeps: 1 },
    flags.chars ? { label: 'never left hot', points: 0.4 } : null,
    flags.foaming ? { label: 'tuning flow and temperature to the foam', points: 1.5 } : null,
  ];
  return asks.filter(a => a !== null && a.points > 0) as Ask[];
}

/** What an oven asks besides. */
export const bakingAsk: Ask = { label: 'baking, and allowing for its shrinkage', points: 6 };

/** What levelling a bed by hand asks: little for a small foot, the more the longer it is. */
export function levellingAsk(p: Pick<Printer, 'levelling'> | null, plateLengthMm: number): Ask | null {
  if (p?.levelling !== 'by-hand') return null;
  return { label: 'levelling by hand', points: Math.min(1.5, 0.1 + plateLengthMm / 200) };
}

/** Points under which an ask is an ordinary part of printing and not worth a word. */
const LEAST_DEMAND_TOLD = 0.25;

/** What a family asks of any printer beyond the ordinary, in words. */
export function demands(f: Family): string[] {
  return asksOf(f, null)
    .filter(a => a.points > LEAST_DEMAND_TOLD)
    .map(a => a.label);
}

/** What each point of difficulty takes from the chance of success, as a rate. */
const RATE_PER_POINT = 0.045;

/** Share of first prints that succeed in spite of what is asked. */
export function keptOf({ points, keeps }: Ask): number {
  return keeps ?? Math.exp(-RATE_PER_POINT * points);
}

/** The sum of what is asked. */
export function difficultyOf(asks: readonly Ask[]): number {
  return asks.reduce((sum, a) => sum + a.points, 0);
}
