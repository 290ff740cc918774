import type { Brief } from '../brief/brief.js';
import { bisect } from '../lib/bisect.js';
import type { Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import type { Weather } from '../climate/weather.js';
import { conditionsOf } from '../brief/conditions.js';
import { rank } from '../score/rank.js';
import type { Candidate, Ranking } from '../score/candidate.js';
import { judgeAll } from '../score/judge.js';
import { bySchool } from '../score/order.js';
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
  const running = (b: Brief, p: Printer | null, among: readonly Family[]): Candidate[] =>
    judgeAll(b, { printer: p, families: among, weather })
      .candidates.filter(c => c.status !== 'out')
      .sort(bySchool(b.school));
  const found: Relaxation[] = [];
  for (const dial of relaxingDials(brief, printer, conditionsOf(brief, weather).partMaxC)) {
    const tryAt = (
      share: number,
      among = families,
    ): { brief: Brief; printer: Printer | null; open: Candidate[] } | null => {
      const change = dial.at(share);
      if (!change) return null;
      const b = change.brief ?? brief;
      const p = change.printer === undefined ? printer : change.printer;
      const open = running(b, p, among);
      return open.length ? { brief: b, printer: p, open } : null;
    };
    const end = tryAt(1);
    if (!end) continue;
    const could = new Set(end.open.map(c => c.material));
    // Less is asked the further a dial goes: what is out at its end need not be looked for on the way.
    const may = families.filter(f => could.has(f.key));
    const share = Math.min(1, bisect(s => (tryAt(s, may) ? 1 : -1), 0, 1, 1e-3) + 1e-3);
    const result = tryAt(share) ?? end;
    const [first] = result.open;
    found.push({
      requirement: dial.requirement,
      sentence: dial.say(share),
      lets: first!.material,
      letsName: first!.name,
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
