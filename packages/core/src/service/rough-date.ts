/** A day as somebody remembers it. */
export interface RoughDate {
  /** YYYY-MM-DD. */
  on: string;
  /** Whether only the month, or the year, was said: then it is its middle. */
  rough: boolean;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

function day(year: number, month: number, date: number): string | null {
  const at = new Date(Date.UTC(year, month - 1, date));
  return at.getUTCFullYear() === year && at.getUTCMonth() === month - 1 && at.getUTCDate() === date
    ? at.toISOString().slice(0, 10)
    : null;
}

/**
 * Reads a date as it is written by hand: 2021-05-14, 14.5.2021, 14/5/2021, 14 May 2021, May 2021, 2021-05, 2021. A
 * slash is read with the day first, unless that cannot be.
 * @returns null for what is no date
 */
export function roughDate(text: string): RoughDate | null {
  const t = text
    .trim()
    .toLowerCase()
    .replace(/^(?:about|around|circa|ca\.?|c\.|~)\s*/, '');
  const about = t !== text.trim().toLowerCase();
  const whole = (on: string | null): RoughDate | null => (on === null ? null : { on, rough: about });
  const middle = (on: string | null): RoughDate | null => (on === null ? null : { on, rough: true });
  let m = /^(\d{4})-(\d{1,2})-(\d{1,2})(?:t.*)?$/.exec(t);
  if (m) return whole(day(Number(m[1]), Number(m[2]), Number(m[3])));
  m = /^(\d{1,2})[./](\d{1,2})[./](\d{4})$/.exec(t);
  if (m) {
    const [a, b, year] = m.slice(1).map(Number) as [number, number, number];
    return whole(day(year, b, a) ?? day(year, a, b));
  }
  m = /^(\d{1,2})\.?\s+([a-z]{3})[a-z]*\.?,?\s+(\d{4})$/.exec(t);
  if (m && MONTHS.includes(m[2]!)) return whole(day(Number(m[3]), MONTHS.indexOf(m[2]!) + 1, Number(m[1])));
  m = /^([a-z]{3})[a-z]*\.?,?\s+(\d{4})$/.exec(t);
  if (m && MONTHS.includes(m[1]!)) return middle(day(Number(m[2]), MONTHS.indexOf(m[1]!) + 1, 15));
  m = /^(\d{4})-(\d{1,2})$/.exec(t) ?? null;
  if (m) return middle(day(Number(m[1]), Number(m[2]), 15));
  m = /^(\d{1,2})[./](\d{4})$/.exec(t);
  if (m) return middle(day(Number(m[2]), Number(m[1]), 15));
  m = /^(\d{4})$/.exec(t);
  return m ? middle(day(Number(m[1]), 7, 1)) : null;
}
