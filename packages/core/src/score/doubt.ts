import { ramp } from '../lib/between.js';
import { gateLabel, type Gate } from './gate.js';

/** What a whole doubt takes from a score. */
export const DOUBT_COSTS = 0.4;

/** The doubt about what is made for another purpose: more than any that it may only just hold. */
const OTHER_PURPOSE = 1.5;

/** Chances of a good first print from which there is no doubt, and under which it is whole. */
const PRINT_CHANCE = { sure: 0.75, gamble: 0.6 };

/** What is in doubt about a candidate, and how much: 0 nothing, 1 whether it holds or prints at all. */
export interface WorstDoubt {
  value: number;
  /** The gate that it rests on, or the print itself; null where there is none. */
  about: Gate['id'] | 'print' | null;
}

/** How doubtful a print is, 0 to 1, by its chance of a good first print. */
export function printDoubt(success: number): number {
  return ramp(success, PRINT_CHANCE.sure, PRINT_CHANCE.gamble);
}

/** How doubtful a service gate leaves it whether the part holds: what is missing to its being at ease. */
export function gateDoubt(g: Pick<Gate, 'id' | 'verdict' | 'ease'>): number {
  if (g.verdict !== 'marginal') return 0;
  return g.id === 'purpose' ? OTHER_PURPOSE : 1 - (g.ease ?? 0);
}

/**
 * The worst doubt about a candidate: over each service gate that it only just passes, and over its print.
 * @param service gates of service; those of printing are in the chance of success
 */
export function doubtOf(service: readonly Gate[], success: number): WorstDoubt {
  let worst: WorstDoubt = { value: printDoubt(success), about: 'print' };
  for (const g of service) {
    const value = gateDoubt(g);
    if (value > worst.value) worst = { value, about: g.id };
  }
  return worst.value > 0 ? worst : { value: 0, about: null };
}

/** What a doubt is about, in words. */
export function doubtWords(about: NonNullable<WorstDoubt['about']>): string {
  return about === 'print' ? 'its first print' : gateLabel(about).toLowerCase();
}

/** What candidates are ordered by: the score less 0.4 of the worst doubt. */
export function ratingOf(score: number, doubt: number): number {
  return score - DOUBT_COSTS * doubt;
}

/**
 * The score as it is shown, by which candidates are ordered: less doubt. Rankings kept before doubt was counted
 * have their score alone.
 */
export function scoreShown(c: { score: number; rating?: number }): number {
  return c.rating ?? c.score;
}
