import { sig } from './figures.js';

const MONTHS_A_YEAR = 12;
const DAYS_A_YEAR = 365.25;
/** Beyond this nobody knows how long a plastic lasts: every figure is extrapolated from far less. */
export const LONGEST_TOLD_YEARS = 50;

/** A span of time as people say it, no longer than anybody knows. @example timeWords(0.02); // '7 days' */
export function timeWords(years: number): string {
  if (years > LONGEST_TOLD_YEARS) return `more than ${LONGEST_TOLD_YEARS} years`;
  if (years >= 1.5) return `${sig(years, 2)} years`;
  if (years * MONTHS_A_YEAR >= 1.5) return `${sig(years * MONTHS_A_YEAR, 2)} months`;
  if (years * DAYS_A_YEAR >= 1.5) return `${sig(years * DAYS_A_YEAR, 2)} days`;
  const hours = years * DAYS_A_YEAR * 24;
  return hours >= 1.5 ? `${sig(hours, 2)} hours` : 'an hour';
}
