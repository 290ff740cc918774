import type { WorkingRef } from '../../../brief/conditions.js';
import type { Family } from '../../../materials/family.js';
import type { Printer } from '../../../workshop/printer.js';
import type { PrintCheck, Verdict } from '../../gate.js';

/** What one check of a family on a printer finds. */
export interface CheckResult {
  id: PrintCheck;
  verdict: Verdict;
  need: number | string;
  have: number | string;
  unit: string;
  why: string;
  rescue: string | null;
  /** What a marginal verdict adds to the print difficulty. */
  marginalPoints: number;
  working?: WorkingRef;
}

/** One check of a family on a printer; null where it does not apply. */
export type PrintingCheck = (f: Family, p: Printer) => CheckResult | null;

/** What a marginal verdict adds to the print difficulty unless the check says otherwise. */
export const MARGINAL_POINTS = 1.5;

/** The verdict of something hot that must reach a window: below it fails, below its middle is marginal. */
export function reachVerdict(reachC: number, window: { low: number; high: number }): Verdict {
  if (reachC < window.low) return 'fail';
  return reachC < (window.low + window.high) / 2 ? 'marginal' : 'pass';
}
