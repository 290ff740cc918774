import type { PrintEntry } from '@hornblende/core/formats';
import type { PrintCard } from '@hornblende/core/records';

/** What someone tells of a print. */
export interface PrintTold {
  outcome: 'well' | 'failed';
  grams: number;
  /** Null where it was not timed. */
  minutes: number | null;
  /** What went wrong. */
  note: string;
}

/** What was told of a print that is written down. */
export function toldOf({ outcome, grams, minutes, note }: PrintEntry): PrintTold {
  return { outcome: outcome === 'failed' ? 'failed' : 'well', grams, minutes, note };
}

/** What of an entry follows from what is told: only of a failed print it is said what went wrong. */
export function entryPart({ outcome, grams, minutes, note }: PrintTold): PrintTold {
  return { outcome, grams, minutes, note: outcome === 'failed' ? note.trim() : '' };
}

/** How long the models alone expect a print to take, min: what its printer's record is measured against. */
export function expectedMinutes({ hours, time }: Pick<PrintCard, 'hours' | 'time'>): number {
  return Math.max(0.1, 60 * (time?.modelHours ?? hours));
}
