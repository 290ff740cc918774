import type { Brief } from '../brief/brief.js';
import { lowerShare } from '../lib/distributions.js';
import { yearsText } from '../lib/years-text.js';
import { failureModeWords } from './modes.js';
import type { Placed } from './placed.js';
import { isOwn, knownMaterial } from './placement.js';

/** Own parts of one family in a place like the one asked for. */
export interface YoursLike {
  family: string;
  parts: number;
  standing: number;
  failed: number;
  /** Years that all that stand have stood, at least. */
  years: number;
  /** Share of such parts that stand that long, at least, with 95 % confidence. */
  lowerBound95: number;
  /** All of it in a sentence. */
  words: string;
}

/**
 * Own parts of a family where it is as sunny, as wet and as hot as a brief says; null of none that was ever looked at.
 * @param familyOf the key of the family of a grade or family
 */
export function yoursLike(
  placed: readonly Placed[],
  family: string,
  brief: Pick<Brief, 'sun' | 'water' | 'heat'>,
  familyOf: (key: string) => string | null,
): YoursLike | null {
  const like = placed.filter(({ placement, standing }) => {
    const key = knownMaterial(placement);
    const { sun, heat, water } = placement.place;
    return (
      isOwn(placement) &&
      key !== null &&
      familyOf(key) === family &&
      standing.looks > 0 &&
      sun === brief.sun &&
      heat === brief.heat.setting &&
      (water === 'immersed') === (brief.water === 'immersed')
    );
  });
  if (!like.length) return null;
  const failed = like.filter(p => p.standing.verdict === 'failed');
  const upright = like.filter(p => p.standing.verdict !== 'failed');
  const years = upright.length ? Math.min(...upright.map(p => p.standing.seenYears)) : 0;
  const result = { family, parts: like.length, standing: upright.length, failed: failed.length, years };
  const first = failed.map(p => p.standing).sort((a, b) => a.seenYears - b.seenYears)[0];
  const parts = [
    ...(upright.length
      ? [
          `${upright.length} of yours like this ${upright.length === 1 ? 'has' : 'have'} stood ${yearsText(years)}`,
        ]
      : []),
    ...(first
      ? [
          `${failed.length} ${upright.length ? '' : 'of yours like this '}failed, the first ` +
            `${first.mode ? failureModeWords[first.mode] : 'failed'} after ${yearsText(first.seenYears)}`,
        ]
      : []),
  ];
  return {
    ...result,
    lowerBound95: lowerShare(upright.length, like.length, 0.95),
    words: `${parts.join('; ')}.`,
  };
}
