import type { Brief } from '../brief/brief.js';
import { fitCheckOf } from '../brief/fit-check.js';
import type { Colour } from '../materials/colours.js';
import type { PartYear } from '../models/part-year.js';
import type { Weather } from '../climate/weather.js';
import { conditionsOf, yearOf, type Conditions } from '../brief/conditions.js';
import { effectiveColour } from '../brief/looks.js';
import { modelVolumeCm3 } from '../brief/size.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import { serviceLoads, type ServiceLoad } from '../brief/service-load.js';
import { safetyOf } from '../brief/safety.js';
import type { Family } from '../materials/family.js';
import { bakedFamily } from '../materials/baked.js';
import { isFilledBlack } from '../materials/fibre.js';
import type { Printer } from '../workshop/printer.js';

/** Everything about a ranking that does not depend on the candidate. */
export interface Context {
  brief: Brief;
  printer: Printer | null;
  conditions: Conditions;
  loads: ServiceLoad[];
  /** Required factor of safety. */
  safety: number;
  /** The same for strains, which a plastic forgives more readily. */
  strainSafety: number;
  volumeCm3: number;
  /** Share of the volume that is plastic once sliced. */
  solidFraction: number;
  /** The part's year, when its brief names a climate. */
  year: PartYear | null;
  /** What the part would reach if the brief said otherwise, °C. */
  partMaxIf: (change: Partial<Brief>) => number;
  /** The colour that the part has in this context: of families that come in black only, black. */
  colour: Colour;
  /** The same part in black, for families that come in no other colour. */
  inBlack: () => Context;
}

/** Strains need this share of the factor of safety that stresses need: 1, 1, 1.33, 2 for 1.2, 1.5, 2, 3. */
const STRAIN_SHARE = 1.5;

/** Prepares a ranking. */
export function contextOf(said: Brief, printer: Printer | null, weather: Weather | null = null): Context {
  // A prototype is judged for what it is for.
  const brief = said.purpose === 'prototype' ? fitCheckOf(said) : said;
  const safety = safetyOf(brief);
  let black: Context | null = null;
  const ctx: Context = {
    brief,
    printer,
    conditions: conditionsOf(brief, weather),
    loads: serviceLoads(brief),
    safety,
    strainSafety: Math.max(1, safety / STRAIN_SHARE),
    year: yearOf(brief, weather),
    partMaxIf: change => conditionsOf({ ...brief, ...change }, weather).partMaxC,
    volumeCm3: modelVolumeCm3(brief),
    solidFraction: solidFractionOf(brief),
    colour: effectiveColour(brief),
    inBlack() {
      black ??= blackOf(ctx, weather);
      return black;
    },
  };
  return ctx;
}

/** The context with the part in black: what the sun makes of it changes, the brief itself does not. */
function blackOf(ctx: Context, weather: Weather | null): Context {
  const brief: Brief = { ...ctx.brief, looks: { ...ctx.brief.looks, clear: false, colour: 'black' } };
  return {
    ...ctx,
    conditions: conditionsOf(brief, weather),
    year: yearOf(brief, weather),
    partMaxIf: change => conditionsOf({ ...brief, ...change }, weather).partMaxC,
    colour: 'black',
  };
}

/** The context as it is for one family: in black, where it comes in nothing lighter than the part is wanted. */
export function contextFor(ctx: Context, f: Family): Context {
  return f.flags.colours === 'dark' && ctx.colour !== 'dark' ? ctx.inBlack() : ctx;
}

/** What a part of a brief meets where it is of one family: in the family's own colour. */
export function conditionsIn(brief: Brief, weather: Weather | null, f: Family): Conditions {
  return contextFor(contextOf(brief, null, weather), f).conditions;
}

/** A family as a candidate was judged in it: in its own colour, and as an oven leaves it where that was needed. */
export function asJudged(
  ctx: Context,
  f: Family,
  candidate: { baked: unknown } | undefined,
): { ctx: Context; family: Family } {
  return { ctx: contextFor(ctx, f), family: candidate?.baked ? bakedFamily(f) : f };
}

/**
 * The colour that ultraviolet light meets: of fibre-filled families none, for their figure already stands for
 * a black plastic.
 */
export function pigmentOf(ctx: Context, f: Family): Colour {
  return isFilledBlack(f) ? 'light' : ctx.colour;
}
