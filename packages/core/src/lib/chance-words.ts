/**
 * A chance as one says it of prints: whole times in a hundred.
 * @param chance 0…1
 * @example timesIn100(0.154); // '15 times in 100'
 */
export function timesIn100(chance: number): string {
  const times = Math.round(100 * chance);
  if (times < 1) return 'less than once in 100';
  return times === 1 ? 'once in 100' : `${times} times in 100`;
}
