import { failureModeWords, type FailureMode } from './modes.js';
import type { Placed } from './placed.js';
import { isOwn, knownMaterial } from './placement.js';
import { yearsText } from '../lib/years-text.js';

/**
 * What own parts have taught of a family, in a line for its card; empty where none was looked at.
 * @param familyOf the key of the family of a grade or family
 */
export function familyLesson(
  placed: readonly Placed[],
  family: string,
  familyOf: (key: string) => string | null,
): string {
  const own = placed.filter(({ placement, standing }) => {
    const key = knownMaterial(placement);
    return isOwn(placement) && key !== null && familyOf(key) === family && standing.looks > 0;
  });
  if (!own.length) return '';
  const failed = own.filter(p => p.standing.verdict === 'failed');
  const longest = Math.max(...own.map(p => p.standing.seenYears));
  const are = own.length === 1 ? 'is' : 'are';
  const said = `${own.length} of yours ${are} out there, the longest for ${yearsText(longest)}`;
  return failed.length ? `${said}; ${ways(failed)}.` : `${said}; none has failed.`;
}

function ways(failed: readonly Placed[]): string {
  const counts = new Map<FailureMode, number>();
  for (const { standing } of failed) {
    const mode = standing.mode ?? 'other';
    counts.set(mode, (counts.get(mode) ?? 0) + 1);
  }
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .map(([mode, n]) => `${n} ${failureModeWords[mode]}`)
    .join(', ');
}
