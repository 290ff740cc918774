import type { PrintEntry } from '@hornblende/core/formats';

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
