import type { Brief } from '../brief/brief.js';
import type { BriefLoad } from '../brief/brief-load.js';
import { printedMember } from '../brief/printed-member.js';
import { bisect } from '../lib/bisect.js';
import { sig } from '../lib/figures.js';
import type { Rescue } from './gate.js';

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
 * @param index of the load whose section it is
 * @param short how many times too little there is
 * @param what whether strength or stiffness is short
 */
export function sectionRescue(
  brief: Brief,
  index: number,
  short: number,
  what: 'strength' | 'stiffness',
): Rescue {
  const load = brief.loads[index];
  const height = load?.heightMm;
  const more = { rescue: `passes with ${sig(short, 3)} times the section` };
  if (!load || !height || !bending.has(load.case)) return more;
  const wanted = short * worth(brief, load, height, what);
  const at = (h: number): number => worth(brief, load, h, what) - wanted;
  if (at(height * MOST_TIMES) < 0) return more;
  const enough = bisect(at, height, height * MOST_TIMES, 0.02);
  // Rounded up, so that what is said does pass.
  const highMm = Math.ceil(enough * 10) / 10;
  return {
    rescue: `passes with that section ${highMm.toFixed(1).replace(/\.0$/, '')} mm high`,
    remedy: { label: `make it ${highMm} mm high`, path: `loads.${index}.heightMm`, value: highMm },
  };
}
