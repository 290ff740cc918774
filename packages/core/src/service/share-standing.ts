import { lowerShare } from '../lib/distributions.js';
import type { ServiceSurvivalResult } from './survival.js';

/** Below about a month an age says nothing of how long a part lasts. */
export const LEAST_YEARS = 0.1;

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
 * none did, or all of them, the exact bound of a share at the end that so many leave open (Clopper and Pearson 1934),
 * for there the curve's own interval has no width.
 * @returns null where nobody has looked, or none has been out for as long as a month
 */
export function shareStanding({
  curve,
  failures,
  parts,
  lowerBound95,
  atYears,
}: Pick<
  ServiceSurvivalResult,
  'curve' | 'failures' | 'parts' | 'lowerBound95' | 'atYears'
>): ShareStanding | null {
  const last = curve.at(-1);
  if (failures && last) {
    const { survival: share, low, years } = last;
    return { share, low, high: share > 0 ? last.high : 1 - lowerShare(parts, parts, 0.95), years };
  }
  if (lowerBound95 === null || atYears < LEAST_YEARS) return null;
  return { share: 1, low: lowerBound95, high: 1, years: atYears };
}
