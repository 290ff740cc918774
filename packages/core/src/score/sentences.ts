import { yearsWords } from '../lib/years-text.js';
import { sig } from '../lib/figures.js';
import type { Context } from './context.js';
import type { Criterion } from './criteria/criterion.js';

// What the sentences of several criteria have in common.

/** A number at the precision that is known. */
export const two = (x: number): string => sig(x, 2);

/** A multiple in words: what is about one is said as just that. */
export const times = (x: number): string =>
  Math.abs(x - 1) < 0.05 ? 'just' : `${x < 1 ? 'only ' : ''}${two(x)} times`;

/** What of one's own a value rests on. */
export const own = (c: Criterion): string => (c.by ? `, by ${c.by}` : '');

/** How long the part is to last. */
export const years = (ctx: Context): string => yearsWords(ctx.brief.lifeYears);

/** A share as a percentage. */
export const share = (x: number): string => `${two(100 * x)} %`;

/** The hottest the part gets. */
export const hottest = (ctx: Context): string => `${sig(ctx.conditions.partMaxC, 3)} °C`;

/** A movement in words: beyond its whole span a part is not bent but gone. */
export function movement(c: Criterion): string {
  if (c.unit === '% of span' && c.value > 100) return 'more than its whole span';
  return `${two(c.value)} ${c.unit === '% of span' ? '% of its span' : '% strain'}`;
}
