import { rank } from '../score/rank.js';
import type { RankOptions } from '../score/judge.js';
import { parseBrief } from '../brief/parse-brief.js';
import type { Brief } from '../brief/brief.js';
import { type BriefChange, briefChanges } from '../brief/brief-changes.js';

/** A change with what it alone did to the ranking. */
export interface ChangeEffect extends BriefChange {
  firstBefore: string | null;
  firstAfter: string | null;
  scoreBefore: number | null;
  scoreAfter: number | null;
}

/**
 * What each change, made alone to the earlier brief, does to the ranking. A change that cannot stand alone
 * has no effect to tell.
 */
export function changeEffects(before: Brief, after: Brief, options: RankOptions = {}): ChangeEffect[] {
  const was = rank(before, options);
  const scoreOf = (r: typeof was, key: string | null): number | null =>
    r.candidates.find(c => c.material === key)?.rating ?? null;
  return told(before, after).map(change => {
    const alone = withValue(before, change.path, change.to);
    const now = alone && rank(alone, options);
    return {
      ...change,
      firstBefore: was.firstChoice,
      firstAfter: now ? now.firstChoice : null,
      scoreBefore: scoreOf(was, was.firstChoice),
      scoreAfter: now ? scoreOf(now, was.firstChoice) : null,
    };
  });
}

/** Changes as they were made: a shape from a file brings many figures, and is one change. */
function told(before: Brief, after: Brief): BriefChange[] {
  const changes = briefChanges(before, after);
  if (!changes.some(c => c.path === 'geometry.file' && typeof c.to === 'string')) return changes;
  const shape = { path: 'geometry', label: 'Shape', from: before.geometry, to: after.geometry };
  return [shape, ...changes.filter(c => !c.path.startsWith('geometry.'))];
}

/** The brief with one value replaced, or null when that is no valid brief. */
function withValue(brief: Brief, path: string, value: unknown): Brief | null {
  const copy = JSON.parse(JSON.stringify(brief)) as Record<string, unknown>;
  const keys = path.split('.');
  const last = keys.pop();
  let at: unknown = copy;
  for (const key of keys)
    at = typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined;
  if (typeof at !== 'object' || at === null || last === undefined) return null;
  if (Array.isArray(at) && value === undefined) at.splice(Number(last), 1);
  else (at as Record<string, unknown>)[last] = value;
  try {
    return parseBrief(copy);
  } catch {
    return null;
  }
}
