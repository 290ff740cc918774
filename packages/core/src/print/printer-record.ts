import type { PrintEntry } from '../workshop/print-log.js';
import type { FamilyPrints, PlatePrints, PrinterRecord } from '../workshop/printer-record.js';

/** What of a print tells how its printer does. */
export type PrintOutcomeTold = Pick<PrintEntry, 'outcome' | 'family' | 'minutes' | 'expectedMinutes'> &
  Partial<Pick<PrintEntry, 'plate' | 'ownPlate'>>;

/** Timed prints are trusted against the estimate as if it were so many of them. */
const PRIOR_TIMES = 1;
/** What a file's time counts against a print's. */
const FILE_WEIGHT = 0.5;

/**
 * What a printer's log says of it: how its prints went by family and by plate, and how long they took against what was
 * expected (the mean of the ratios on a log scale, drawn to 1 while they are few).
 * @param prints the prints of this one printer
 * @returns null where the log says nothing
 * @example
 * // one print of 120 minutes where 100 were expected: √1.2
 * printerRecord([{ outcome: 'well', family: 'petg', minutes: 120, expectedMinutes: 100 }])?.timeFactor; // 1.095…
 */
export function printerRecord(prints: readonly PrintOutcomeTold[]): PrinterRecord | null {
  const families = new Map<string, FamilyPrints>();
  const plates = new Map<string, PlatePrints>();
  let sum = 0;
  let weight = PRIOR_TIMES;
  let timed = 0;
  for (const { outcome, family, minutes, expectedMinutes, plate = null, ownPlate = null } of prints) {
    if (outcome !== 'timed') {
      const of = families.get(family) ?? { family, well: 0, failed: 0 };
      of[outcome]++;
      families.set(family, of);
      if (plate !== null) {
        const key = `${plate} ${ownPlate ?? ''}`;
        const on = plates.get(key) ?? { plate, ownPlate, well: 0, failed: 0 };
        on[outcome]++;
        plates.set(key, on);
      }
    }
    // A print that failed ended early.
    if (minutes === null || expectedMinutes === null || outcome === 'failed') continue;
    const w = outcome === 'timed' ? FILE_WEIGHT : 1;
    sum += w * Math.log(minutes / expectedMinutes);
    weight += w;
    timed++;
  }
  if (!families.size && !timed) return null;
  return {
    timed,
    timeFactor: Math.min(1000, Math.max(0.001, Math.exp(sum / weight))),
    prints: [...families.values()].sort((a, b) => (a.family < b.family ? -1 : 1)),
    plates: [...plates.values()].sort((a, b) => b.well + b.failed - a.well - a.failed),
  };
}
