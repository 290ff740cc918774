import type { Brief } from '../brief/brief.js';
import type { Consequence } from '../brief/choices.js';

/** Kelvins of margin under which heat is only just borne: more is wanted the worse a failure is. */
export const heatComfortK: Record<Consequence, number> = { nothing: 5, annoys: 10, damages: 15, injures: 20 };

/** Times the wanted life that a surface must outlast the sun to be at ease. */
export const uvComfort: Record<Consequence, number> = {
  nothing: 0.8,
  annoys: 1,
  damages: 1.25,
  injures: 1.5,
};

/** Share of {@link uvComfort} under which a surface is given up in time. */
export const UV_FAIL_SHARE = 0.5;

/** Reserves against a load: under 1 it fails, under this it only just holds. */
export const STRENGTH_COMFORT = 1.25;

/** The same against a knock, which scatters more. */
export const IMPACT_COMFORT = 1.5;

/** Most that a held load may move a part unless the brief says otherwise, % of its span or % strain. */
const DEFLECTION_LIMIT_PCT = 5;
/** Share of that limit under which the movement is at ease. */
const DEFLECTION_EASE = 0.4;

/** Limits of what a held load may move a part: where it fails, and under what it is at ease, %. */
export function deflectionLimits(brief: Pick<Brief, 'deflectionLimitPct'>): {
  fail: number;
  comfortable: number;
} {
  const fail = brief.deflectionLimitPct ?? DEFLECTION_LIMIT_PCT;
  return { fail, comfortable: DEFLECTION_EASE * fail };
}

/** Shares left at the end of a life: under `fail` it is given up, under `comfortable` only just good. */
export const ageingLimits = { fail: 0.5, comfortable: 0.7 };

/** Shares of a clamp's force left at the end of a life. */
export const clampLimits = { fail: 0.3, comfortable: 0.5 };

/** Shares of its squeeze that do not come back: over `fail` a seal is given up, under `comfortable` it is at ease. */
export const setLimits = { fail: 0.9, comfortable: 0.6 };
