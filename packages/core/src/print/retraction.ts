import type { Family } from '../materials/family.js';

/** A feeder on the frame has its tube to draw back through: this many times as far. An estimate. */
const REMOTE_TIMES = 5;

/** How far a family's filament is drawn back, mm, by where the feeder sits. */
export function retractionWindow(
  { windows: { retractionMm } }: Pick<Family, 'windows'>,
  drive: string,
): { low: number; high: number } {
  const times = drive === 'bowden' ? REMOTE_TIMES : 1;
  return { low: times * retractionMm.low, high: times * retractionMm.high };
}
