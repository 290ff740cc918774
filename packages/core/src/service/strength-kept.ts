import type { Inspection } from './inspection.js';
import type { Placement } from './placement.js';
import { yearsOut } from './standing.js';
import { yearsText } from '../lib/years-text.js';

/** How much of its strength a part had left when a spare of the same age was broken on purpose. */
export interface StrengthKept {
  years: number;
  /** Share of the force at which a fresh one broke; over 1 where it was stronger. */
  share: number;
  words: string;
}

/** Beyond this share of what it began with, too little is gone to tell how fast it goes. */
const TELLING_SHARE = 0.85;

/**
 * Strength kept at each look at which a spare was broken, the oldest first; empty where nobody said at what a fresh one
 * broke.
 */
export function strengthKept(
  placement: Pick<Placement, 'since' | 'pauses' | 'freshBreakN'>,
  looks: readonly Inspection[],
): StrengthKept[] {
  const { freshBreakN } = placement;
  if (!freshBreakN) return [];
  return looks
    .filter(l => !l.struck && l.spareBreakN !== null)
    .sort((a, b) => a.at.localeCompare(b.at))
    .map(({ at, spareBreakN }) => {
      const years = yearsOut(placement, at);
      const share = spareBreakN! / freshBreakN;
      const words = `${Math.round(100 * share)} % after ${yearsText(years)} (${spareBreakN} of ${freshBreakN} N)`;
      return { years, share, words };
    });
}

/**
 * Years until half is left, by the last spare that was broken: what is left falls by the same share each year, as
 * `uv.retained` has it. Null where too little is gone to tell.
 */
export function yearsToHalfBySpares(kept: readonly StrengthKept[]): number | null {
  const last = kept.at(-1);
  if (!last || last.years <= 0 || last.share <= 0 || last.share > TELLING_SHARE) return null;
  return (last.years * Math.log(0.5)) / Math.log(last.share);
}
