/** A moment as its day, such as "9 May 2026". @param at ISO 8601 */
export function dayText(at: string): string {
  return new Date(at).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
}
