import { sig } from './figures.js';

/** Years as people say them: whole ones, or months. */
export function yearsText(years: number): string {
  const months = Math.round(12 * years);
  if (months < 18) return months === 1 ? 'a month' : `${months} months`;
  const text = Number(years.toFixed(1));
  return `${text} years`;
}

/** Years as a figure: one, or so many. @example yearsWords(1) // '1 year' */
export function yearsWords(years: number, figures = 2): string {
  const said = sig(years, figures);
  return said === '1' ? '1 year' : `${said} years`;
}
