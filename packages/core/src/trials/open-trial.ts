import type { Trial, TrialReading } from './trial.js';

/** A trial that is not decided, as it is read at a bench away from the desk. */
export interface OpenTrial {
  id: string;
  trial: Trial;
  /** What each of its filaments is called, by its key. */
  names: Record<string, string>;
}

/**
 * The trial with a reading of one filament in it. The same criterion at the same moment is the same reading: sent
 * again it changes nothing, and sent struck out it no longer counts.
 * @throws RangeError for a filament or a criterion that is not in the trial
 */
export function withReading(trial: Trial, material: string, reading: TrialReading): Trial {
  if (!trial.entrants.some(e => e.material === material))
    throw new RangeError(`there is no "${material}" in the trial`);
  if (!trial.criteria.some(c => c.id === reading.criterion))
    throw new RangeError(`the trial does not read "${reading.criterion}"`);
  const isSame = (r: TrialReading): boolean => r.criterion === reading.criterion && r.at === reading.at;
  const put = (readings: readonly TrialReading[]): TrialReading[] =>
    readings.some(isSame)
      ? readings.map(r => (isSame(r) ? { ...r, struck: reading.struck } : r))
      : [...readings, reading];
  return {
    ...trial,
    entrants: trial.entrants.map(e => (e.material === material ? { ...e, readings: put(e.readings) } : e)),
  };
}
