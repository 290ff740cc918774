import type { PrinterRecord } from '../workshop/printer-record.js';

/** What a printer's own record makes of an estimate. */
export interface SuccessByRecord {
  /** Prints of this family on this printer that went well, and that failed. */
  well: number;
  failed: number;
  /** Chance that the next print succeeds. */
  success: number;
}

/** How many prints the estimate itself counts as. */
const PRIOR_PRINTS = 6;
/** What a print of another family on the same printer tells of this one. */
const OTHER_FAMILY = 0.2;

/**
 * The chance of success by this printer's own record (beta–binomial): the estimate stands for six prints, each print
 * of the family for one, each of another family for a fifth.
 * @param estimate the models' chance, 0…1
 * @param record what the printer's log says; null where it says nothing
 * @example
 * // (6 × 0.8 + 4)/(6 + 4)
 * const prints = [{ family: 'petg', well: 4, failed: 0 }];
 * successByRecord(0.8, { timed: 0, timeFactor: 1, prints }, 'petg').success; // 0.88
 */
export function successByRecord(
  estimate: number,
  record: PrinterRecord | null,
  family: string,
): SuccessByRecord {
  if (!record) return { well: 0, failed: 0, success: estimate };
  let good = PRIOR_PRINTS * estimate;
  let all = PRIOR_PRINTS;
  let own = { well: 0, failed: 0 };
  for (const p of record.prints) {
    const weight = p.family === family ? 1 : OTHER_FAMILY;
    all += weight * (p.well + p.failed);
    good += weight * p.well;
    if (p.family === family) own = { well: p.well, failed: p.failed };
  }
  return { ...own, success: good / all };
}
