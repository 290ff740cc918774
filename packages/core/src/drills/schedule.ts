import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import type { DrillAnswer } from './drill-answer.js';
import { drillKinds, type DrillKind } from './drill.js';
import { DAY_MS } from '../lib/physical-constants.js';

/** How a kind of drill stands with someone. */
export interface KindStanding {
  kind: DrillKind;
  answers: number;
  right: number;
  /** When it is due again; null where it was never answered. */
  dueAt: string | null;
  /** Days after which nine in ten would still know it; null where it was never answered. */
  stabilityDays: number | null;
}

/** No fuzz: the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false, enable_short_term: true });

/** From how sure on a right answer was easy, and under what it was hard. */
const EASY_FROM = 0.95;
const HARD_UNDER = 0.6;

/** What an answer says of how well a kind is known: wrong again, right but unsure hard, right and certain easy. */
function gradeOf({ right, sure }: Pick<DrillAnswer, 'right' | 'sure'>): Grade {
  if (!right) return Rating.Again;
  if (sure < HARD_UNDER) return Rating.Hard;
  return sure >= EASY_FROM ? Rating.Easy : Rating.Good;
}

/**
 * How each kind stands, by its answers in the order of their days (Free Spaced Repetition Scheduler, by ts-fsrs).
 * @param answers those of one person
 */
export function kindStandings(answers: readonly DrillAnswer[]): KindStanding[] {
  const inOrder = [...answers].sort((a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id));
  return drillKinds.map(kind => {
    const own = inOrder.filter(a => a.kind === kind);
    const [first] = own;
    if (!first) return { kind, answers: 0, right: 0, dueAt: null, stabilityDays: null };
    let card: Card = createEmptyCard(new Date(first.at));
    for (const a of own) card = scheduler.next(card, new Date(a.at), gradeOf(a)).card;
    return {
      kind,
      answers: own.length,
      right: own.filter(a => a.right).length,
      dueAt: card.due.toISOString(),
      stabilityDays: card.stability,
    };
  });
}

/** Kinds in the order in which they are asked: those overdue, the longest first; then new ones; then the rest. */
export function kindsInTurn(standings: readonly KindStanding[], now: string): DrillKind[] {
  const urgency = ({ dueAt }: KindStanding): number => {
    if (dueAt === null) return 1;
    return dueAt <= now ? 0 : 2;
  };
  return [...standings]
    .sort((a, b) => urgency(a) - urgency(b) || (a.dueAt ?? '').localeCompare(b.dueAt ?? ''))
    .map(s => s.kind);
}

/** Drills of five minutes. */
export const ROUND = 10;

/** A drill to be asked. */
export interface PlannedDrill {
  kind: DrillKind;
  seed: number;
}

/** The drills of a round: the kinds in turn, each with a seed of its own. */
export function plannedRound(kinds: readonly DrillKind[], seed: number, many = ROUND): PlannedDrill[] {
  return Array.from({ length: many }, (_, n) => ({ kind: kinds[n % kinds.length]!, seed: seed + n }));
}

/** Days that are looked back on. */
const WEEK = 7;

/** On how many of the last seven days something was answered, today included: a missed day costs nothing else. */
export function daysOfWeek(answers: readonly Pick<DrillAnswer, 'at'>[], now: string): number {
  const day = (at: string): number => Math.floor(Date.parse(at) / DAY_MS);
  const today = day(now);
  return new Set(answers.map(a => day(a.at)).filter(d => d > today - WEEK && d <= today)).size;
}
