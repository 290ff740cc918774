import { HOUR_MS, HOURS_A_YEAR } from '../lib/physical-constants.js';
import type { Inspection, InspectionVerdict } from './inspection.js';
import type { FailureMode } from './modes.js';
import type { Placement } from './placement.js';
import type { ServiceRecord } from './survival.js';

/** What a look says of how a part stands. */
export type Look = Pick<Inspection, 'id' | 'at' | 'verdict' | 'mode' | 'struck'>;

/** How a part in service stands. */
export interface ServiceStanding {
  /** Its last look's verdict; null before the first. */
  verdict: InspectionVerdict | null;
  ended: boolean;
  mode: FailureMode | null;
  /** Years out there: until it ended, else until now. */
  years: number;
  /** Years until it was last seen: sound, or ended. */
  seenYears: number;
  /** Years until it was last seen sound, before its end. */
  soundYears: number;
  lastLookAt: string | null;
  looks: number;
}

const MS_A_YEAR = HOURS_A_YEAR * HOUR_MS;

/** Years between two moments, none below nought. */
export function yearsBetween(from: string, to: string): number {
  return Math.max(0, (Date.parse(to) - Date.parse(from)) / MS_A_YEAR);
}

/** Years that a part was out there until a moment: without the time in which it was taken in. */
export function yearsOut({ since, pauses }: Pick<Placement, 'since' | 'pauses'>, until: string): number {
  const earlier = (a: string, b: string): string => (Date.parse(a) < Date.parse(b) ? a : b);
  const inside = pauses.reduce((sum, p) => sum + yearsBetween(p.from, earlier(p.to ?? until, until)), 0);
  return Math.max(0, yearsBetween(since, until) - inside);
}

const ends: ReadonlySet<string> = new Set(['failed', 'lost', 'removed']);

/**
 * How a part stands, from its looks in any order: the first that ended its service ends it, whatever was written after.
 * @param now an ISO 8601 moment
 */
export function serviceStanding(
  placement: Pick<Placement, 'since' | 'pauses'>,
  inspections: readonly Look[],
  now: string,
): ServiceStanding {
  const looks = inspections.filter(l => !l.struck).sort(byTime);
  const end = looks.find(l => ends.has(l.verdict)) ?? null;
  const seen = end ? looks.slice(0, looks.indexOf(end) + 1) : looks;
  const last = seen.at(-1) ?? null;
  const sound = seen.filter(l => !ends.has(l.verdict)).at(-1) ?? null;
  const yearsTo = (look: Look | null): number => (look ? yearsOut(placement, look.at) : 0);
  return {
    verdict: last?.verdict ?? null,
    ended: end !== null,
    mode: end?.mode ?? null,
    years: end ? yearsTo(end) : yearsOut(placement, now),
    seenYears: yearsTo(last),
    soundYears: yearsTo(sound),
    lastLookAt: last?.at ?? null,
    looks: looks.length,
  };
}

/** How a part stands by now, from how it stood at another time with the same looks: only its years move on. */
export function standingAt(
  standing: ServiceStanding,
  placement: Pick<Placement, 'since' | 'pauses'>,
  now: string,
): ServiceStanding {
  return standing.ended ? standing : { ...standing, years: yearsOut(placement, now) };
}

function byTime(a: Look, b: Look): number {
  return a.at.localeCompare(b.at) || a.id.localeCompare(b.id);
}

/**
 * A part as `service.survival` takes it. One that stands counts until it was last seen: nobody knows of the time since.
 * One that failed counts from its last sound look to the one that found it. What somebody else wrote down counts for as
 * much as it was given.
 */
export function serviceRecord(
  standing: Pick<ServiceStanding, 'ended' | 'verdict' | 'mode' | 'seenYears' | 'soundYears'>,
  { weight }: Pick<Placement, 'weight'>,
): ServiceRecord {
  const { ended, verdict, mode, seenYears, soundYears } = standing;
  const failed = ended && verdict === 'failed';
  return {
    years: seenYears,
    ended,
    mode: failed ? (mode ?? 'other') : ended ? verdict : null,
    soundYears: failed ? soundYears : null,
    weight,
  };
}
