import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import { printedMember } from '../brief/printed-member.js';
import { bisect } from '../lib/bisect.js';
import { sig } from '../lib/figures.js';

/** Cases whose member bends, so that its height counts more than its width. */
const bending: ReadonlySet<BriefLoad['case']> = new Set([
  'cantilever',
  'simply-supported',
  'fixed-fixed',
  'deceleration',
]);
/** Sections higher than this many times the present one are no rescue. */
const MOST_TIMES = 8;

/** What a section is worth in bending as it is printed: its moment at yield, or its stiffness, as b·hᵖ·ratio. */
function worth(brief: Brief, load: BriefLoad, heightMm: number, what: 'strength' | 'stiffness'): number {
  const ratios = printedMember(brief, { ...load, heightMm })?.ratios;
  if (!ratios) return 0;
  return what === 'strength' ? ratios.strengthRatio * heightMm ** 2 : ratios.stiffnessRatio * heightMm ** 3;
}

/**
 * How much more section would do, printed as the brief has it.
 * @param short how many times too little there is
 * @param what whether strength or stiffness is short
 */
export function sectionRescue(
  brief: Brief,
  load: BriefLoad | undefined,
  short: number,
  what: 'strength' | 'stiffness',
): string {
  const height = load?.heightMm;
  if (!load || !height || !bending.has(load.case)) return `passes with ${sig(short, 3)} times the section`;
  const wanted = short * worth(brief, load, height, what);
  const at = (h: number): number => worth(brief, load, h, what) - wanted;
  if (at(height * MOST_TIMES) < 0) return `passes with ${sig(short, 3)} times the section`;
  const enough = bisect(at, height, height * MOST_TIMES, 0.02);
  // Rounded up, so that what is said does pass.
  return `passes with that section ${(Math.ceil(enough * 10) / 10).toFixed(1).replace(/\.0$/, '')} mm high`;
}
