import type { Brief } from '../brief/brief.js';
import { bisect } from '../lib/bisect.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import type { Weather } from '../climate/weather.js';
import { conditionsOf } from '../brief/conditions.js';
import { rank } from '../score/rank.js';
import type { Ranking } from '../score/candidate.js';
import { relaxingDials } from './relaxing-dials.js';

/**
 * One thing to ask less of, so that something fits. `distance` is how far it is from the brief, as a share;
 * nearest first.
 */
export interface Relaxation {
  requirement: string;
  sentence: string;
  lets: string;
  letsName: string;
  distance: number;
  brief: Brief;
  printer: Printer | null;
}

/** The answer to a brief that nothing satisfies. */
export interface NothingFits {
  relaxations: Relaxation[];
  /** The candidate that fails the fewest gates, and what it fails. */
  closest: {
    material: string;
    name: string;
    gates: { id: string; why: string; rescue: string | null }[];
  } | null;
}

/**
 * What to ask less of when nothing fits: one requirement at a time, the smallest relaxation that lets some
 * candidate in, nearest first.
 * @param families the candidates
 */
export function relaxations(
  brief: Brief,
  printer: Printer | null,
  families: readonly Family[],
  weather: Weather | null = null,
): NothingFits {
  const opens = (b: Brief, p: Printer | null): string | null =>
    rank(b, { printer: p, families, weather }).firstChoice;
  const found: Relaxation[] = [];
  for (const dial of relaxingDials(brief, printer, conditionsOf(brief, weather).partMaxC)) {
    const tryAt = (share: number): { brief: Brief; printer: Printer | null; first: string } | null => {
      const change = dial.at(share);
      if (!change) return null;
      const b = change.brief ?? brief;
      const p = change.printer === undefined ? printer : change.printer;
      const first = opens(b, p);
      return first ? { brief: b, printer: p, first } : null;
    };
    if (!tryAt(1)) continue;
    const share = Math.min(1, bisect(s => (tryAt(s) ? 1 : -1), 0, 1, 1e-3) + 1e-3);
    const result = tryAt(share) ?? tryAt(1);
    if (result)
      found.push({
        requirement: dial.requirement,
        sentence: dial.say(share),
        lets: result.first,
        letsName: families.find(f => f.key === result.first)?.name ?? result.first,
        distance: share,
        brief: result.brief,
        printer: result.printer,
      });
  }
  found.sort((a, b) => a.distance - b.distance || (a.requirement < b.requirement ? -1 : 1));
  return { relaxations: found, closest: closestOf(rank(brief, { printer, families, weather })) };
}

function closestOf(ranking: Ranking): NothingFits['closest'] {
  const failed = ranking.candidates.map(c => ({ c, gates: c.gates.filter(g => g.verdict === 'fail') }));
  const best = failed.reduce<(typeof failed)[number] | null>(
    (m, x) => (m === null || x.gates.length < m.gates.length ? x : m),
    null,
  );
  return best
    ? {
        material: best.c.material,
        name: best.c.name,
        gates: best.gates.map(({ id, why, rescue }) => ({ id, why, rescue })),
      }
    : null;
}
