import type { PrintEntry } from '../workshop/print-log.js';

/** What a printer's own record makes of an estimate. */
export interface SuccessRecord {
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
 */
export function successByRecord(
  estimate: number,
  prints: readonly Pick<PrintEntry, 'printerId' | 'family' | 'outcome'>[],
  printerId: string | null,
  family: string,
): SuccessRecord {
  let good = PRIOR_PRINTS * estimate;
  let all = PRIOR_PRINTS;
  let well = 0;
  let failed = 0;
  for (const p of prints) {
    if (printerId === null || p.printerId !== printerId || p.outcome === 'timed') continue;
    const own = p.family === family;
    const weight = own ? 1 : OTHER_FAMILY;
    all += weight;
    if (p.outcome === 'well') good += weight;
    if (own && p.outcome === 'well') well++;
    if (own && p.outcome === 'failed') failed++;
  }
  return { well, failed, success: good / all };
}

/** How long prints take on a printer against what was expected. */
export interface TimeRecord {
  /** Prints, and files, that were timed. */
  timed: number;
  /** Multiplies an expected time; 1 where nothing was timed. */
  factor: number;
}

/** Timed prints are trusted against the estimate as if it were so many of them. */
const PRIOR_TIMES = 1;
/** What a file's time counts against a print's. */
const FILE_WEIGHT = 0.5;

/** A printer's factor of time: the mean of its ratios on a log scale, drawn to 1 while they are few. */
export function timeByRecord(
  prints: readonly Pick<PrintEntry, 'printerId' | 'outcome' | 'minutes' | 'expectedMinutes'>[],
  printerId: string | null,
): TimeRecord {
  let sum = 0;
  let weight = PRIOR_TIMES;
  let timed = 0;
  for (const p of prints) {
    if (printerId === null || p.printerId !== printerId) continue;
    if (p.minutes === null || p.expectedMinutes === null) continue;
    // A print that failed ended early.
    if (p.outcome === 'failed') continue;
    const w = p.outcome === 'timed' ? FILE_WEIGHT : 1;
    sum += w * Math.log(p.minutes / p.expectedMinutes);
    weight += w;
    timed++;
  }
  return { timed, factor: Math.exp(sum / weight) };
}
