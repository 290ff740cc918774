import type { Consequence } from '../brief/choices.js';
import { isOwn, type Placement } from './placement.js';
import type { ServiceStanding } from './standing.js';
import { DAY_MS } from '../lib/physical-constants.js';

/** Days between looks at a part that has room and is young, by what happens if it fails. */
export const usualDays: Record<Consequence, number> = {
  nothing: 730,
  annoys: 365,
  damages: 182,
  injures: 91,
};

/** Days after which a new part is looked at first, at the latest: early faults show early. */
const FIRST_DAYS = 30;
/** Fewest days between looks. */
const LEAST_DAYS = 14;
/** The last day that can be written in four figures of a year. */
const LAST_DAY_MS = Date.UTC(9999, 11, 31);

/** When a part is due, and why so soon. */
export interface Due {
  /** The day, as YYYY-MM-DD. */
  on: string;
  /** Days from now; below nought it is overdue. */
  inDays: number;
  everyDays: number;
  /** What shortened the interval, in words. */
  because: string[];
}

/** What else tells how soon. */
export interface DueRisk {
  /** Whether its filament only just passes what is asked of it there. */
  marginal: boolean;
  /** Failures of parts of its kind so far. */
  failuresOfKind: number;
}

/**
 * When a part is to be looked at next: an interval by what happens if it fails, halved for each of: a thin margin,
 * past three quarters of its life, worn at the last look, failures of its kind. Null where its service has ended, and
 * of somebody else’s part.
 * @param s how it stands now
 * @param now an ISO 8601 moment
 */
export function dueOf(
  placement: Pick<Placement, 'since' | 'ifItFails' | 'lifeYears' | 'origin'>,
  s: ServiceStanding,
  risk: DueRisk,
  now: string,
): Due | null {
  if (s.ended || !isOwn(placement)) return null;
  const because = reasons(placement, s, risk);
  const usual = usualDays[placement.ifItFails];
  const everyDays = Math.max(LEAST_DAYS, Math.round(usual / 2 ** because.length));
  const from = Date.parse(s.lastLookAt ?? placement.since);
  const days = s.lastLookAt === null ? Math.min(everyDays, FIRST_DAYS) : everyDays;
  const on = new Date(Math.min(from + days * DAY_MS, LAST_DAY_MS)).toISOString().slice(0, 10);
  const inDays = Math.round((Date.parse(on) - Date.parse(now.slice(0, 10))) / DAY_MS);
  return { on, inDays, everyDays, because };
}

/** Share of a wanted life from which on a part is old. */
const OLD = 0.75;

function reasons({ lifeYears }: Pick<Placement, 'lifeYears'>, s: ServiceStanding, risk: DueRisk): string[] {
  return [
    ...(risk.marginal ? ['its filament only just does'] : []),
    ...(s.years > OLD * lifeYears ? ['it nears the life that was asked'] : []),
    ...(s.verdict === 'worn' ? ['it was worn at the last look'] : []),
    ...(risk.failuresOfKind > 0
      ? [`${risk.failuresOfKind} of its kind ${risk.failuresOfKind > 1 ? 'have' : 'has'} failed`]
      : []),
  ];
}
