import type { WorkingRef } from '../../../brief/conditions.js';
import type { Family } from '../../../materials/family.js';
import type { Printer } from '../../../workshop/printer.js';
import type { PrintCheck, GateRemedy, Verdict } from '../../gate.js';

/** What one check of a family on a printer finds. */
export interface CheckResult {
  id: PrintCheck;
  verdict: Verdict;
  need: number | string;
  have: number | string;
  unit: string;
  why: string;
  rescue: string | null;
  remedy?: GateRemedy;
  /** What a marginal verdict adds to the print difficulty. */
  marginalPoints: number;
  /** Share of first prints that succeed in spite of a marginal verdict, where its points do not say it. */
  keeps?: number;
  working?: WorkingRef;
}

/** One check of a family on a printer; null where it does not apply. */
export type PrintingCheck = (f: Family, p: Printer) => CheckResult | null;

/** What a marginal verdict adds to the print difficulty unless the check says otherwise. */
export const MARGINAL_POINTS = 1.5;

/**
 * The verdict of something hot that must reach a window: below it fails, below its middle is marginal, with how far
 * short of the middle it is: 0 there, 1 at the window's lower end.
 */
export function reach(
  reachC: number,
  window: { low: number; high: number },
): { verdict: Verdict; shortShare: number } {
  const middle = (window.low + window.high) / 2;
  const shortShare = Math.min(1, Math.max(0, (middle - reachC) / Math.max(1, middle - window.low)));
  if (reachC < window.low) return { verdict: 'fail', shortShare };
  return { verdict: shortShare > 0 ? 'marginal' : 'pass', shortShare };
}
