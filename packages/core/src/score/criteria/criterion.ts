import type { CriterionId } from '../../brief/choices.js';
import type { WorkingRef } from '../../brief/conditions.js';
import type { PrintEconomicsInput, PrintEconomicsResult } from '../../print/economics.js';
import type { Assessment } from '../assess.js';
import type { Baked } from '../../materials/family.js';
import type { Family } from '../../materials/family.js';
import type { Context } from '../context.js';
import type { DrawnParts, DrawnValues } from '../draws/drawn-parts.js';
import type { Printability } from '../printability.js';

/** The two points of a desirability curve: 0 at the unacceptable, 1 from the comfortable on. */
export interface DesirabilityPoints {
  unacceptable: number;
  comfortable: number;
  /** Ratios count rather than differences: what is judged is the logarithm. */
  log?: true;
}

/** One criterion of one candidate. */
export interface Criterion extends DesirabilityPoints {
  id: CriterionId;
  weight: number;
  value: number;
  unit: string;
  desirability: number;
  working?: WorkingRef;
  /** What of one's own it rests on: "4 bars printed here". */
  by?: string;
}

/** Everything worked out about one candidate, on which its criteria rest. */
export interface Judged {
  ctx: Context;
  assessment: Assessment;
  /** What an oven makes of it, where it is judged as baked. */
  baked: Baked | null;
  printability: Printability;
  economics: PrintEconomicsResult;
  economicsInput: PrintEconomicsInput;
}

/** What a criterion reads off a candidate, before any points of the user's own. */
export interface Measured extends DesirabilityPoints {
  value: number;
  unit: string;
  working?: WorkingRef;
  /** What of one's own it rests on: "4 bars printed here". */
  by?: string;
}

/** Says that a figure rests on what was printed on the same machine. @param count none where nothing was */
export function byOwn(count: number | undefined, what: string): { by?: string } {
  return count ? { by: `${count} ${what}${count === 1 ? '' : 's'} printed here` } : {};
}

/** One criterion: what it is called, how much it weighs unless the user says otherwise, and how it is read. */
export interface CriterionRule {
  id: CriterionId;
  label: string;
  measure: string;
  weigh: (ctx: Context) => number;
  read: (judged: Judged) => Measured;
  /**
   * The same reading for draws, made ready once and asked thousands of times; `as-typical` where no property that is
   * drawn changes it. A test holds it to `read`.
   */
  drawn:
    ((ctx: Context, family: Family, parts: DrawnParts) => (values: DrawnValues) => number) | 'as-typical';
  /** Its value as a reason for a candidate, and as one against it. */
  says: Record<'pro' | 'con', (criterion: Criterion, ctx: Context) => string>;
}
