import { sig } from './figures.js';

/**
 * Hours as one says them: in minutes below one, else with two figures.
 * @param hours above 0
 * @example hoursText(0.4) // '24 min'
 */
export function hoursText(hours: number): string {
  return hours < 1 ? `${Math.max(1, Math.round(60 * hours))} min` : `${sig(hours, 2)} h`;
}
