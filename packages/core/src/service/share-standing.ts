import type { ServiceSurvivalResult } from './survival.js';

/** The share of a group that stands, with its interval, and the age that it is of. */
export interface ShareStanding {
  share: number;
  /** Bounds of the 95 % interval. */
  low: number;
  high: number;
  /** Years in service that it is said of. */
  years: number;
}

/**
 * What a group's parts tell in one figure: where some failed, the end of the survival curve with its interval; where
 * none did, the exact lower bound at the age that those which stand have reached.
 * @returns null where nobody has looked, or none has been out for as long as a month
 */
export function shareStanding({
  curve,
  failures,
  lowerBound95,
  atYears,
}: Pick<ServiceSurvivalResult, 'curve' | 'failures' | 'lowerBound95' | 'atYears'>): ShareStanding | null {
  const last = curve.at(-1);
  if (failures && last) return { share: last.survival, low: last.low, high: last.high, years: last.years };
  if (lowerBound95 === null || atYears < LEAST_YEARS) return null;
  return { share: 1, low: lowerBound95, high: 1, years: atYears };
}

/** Below about a month an age says nothing of how long a part lasts. */
export const LEAST_YEARS = 0.1;
