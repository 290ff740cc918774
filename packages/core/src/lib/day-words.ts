const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

/**
 * A day as sheets and sentences have it, whatever machine writes them: of a moment, its day in universal time.
 * @param at ISO 8601, with or without the time
 * @example dayWords('2026-05-09') // '9 May 2026'
 */
export function dayWords(at: string): string {
  const [year, month, day] = at.slice(0, 10).split('-').map(Number) as [number, number, number];
  return `${day} ${MONTHS[month - 1]} ${year}`;
}
