/** Letters and figures that are not taken for one another on a small tag. */
const SIGNS = '23456789ABCDEFGHJKLMNPQRSTUVWXYZ';

/**
 * A short code for a tag that is not among those that are taken: four signs, more where there is no other.
 * @param uniform a source of numbers from 0 to 1
 * @example freshCode(new Set(), Math.random); // 'K7QD'
 */
export function freshCode(taken: ReadonlySet<string>, uniform: () => number): string {
  for (let length = 4; ; length++)
    for (let tries = 0; tries < 200; tries++) {
      const code = Array.from({ length }, () => SIGNS[Math.floor(uniform() * SIGNS.length)]).join('');
      if (!taken.has(code)) return code;
    }
}
