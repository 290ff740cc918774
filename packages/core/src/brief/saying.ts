import { loadNumbers, type BriefLoad, type LoadNumber } from './brief-load.js';
import type { Brief } from './brief.js';

/** What of a brief keeps account of numbers that nobody has said. */
type Accounted = Pick<Brief, 'loads' | 'heat'>;

/**
 * The brief once a path has been said: what was only assumed there is assumed no more. A load that is replaced
 * whole keeps what did not change.
 * @param before the brief before it was said
 * @param after the same with the value in its place
 */
export function onceSaid<T extends Partial<Accounted>>(before: T, after: T, path: string): T {
  const load = /^loads\.(\d+)(?:\.(\w+))?$/.exec(path);
  if (load) return withLoad(before, after, Number(load[1]), load[2]);
  const heat = /^heat\.(sourceC|partC)$/.exec(path);
  if (!heat || !after.heat?.assumed?.length) return after;
  return { ...after, heat: { ...after.heat, assumed: after.heat.assumed.filter(n => n !== heat[1]) } };
}

function withLoad<T extends Partial<Accounted>>(before: T, after: T, index: number, field?: string): T {
  const was = before.loads?.[index];
  const is = after.loads?.[index];
  if (!is?.assumed?.length) return after;
  const said = field === undefined ? changedNumbers(was, is) : [field];
  const assumed = is.assumed.filter(n => !said.includes(n));
  return {
    ...after,
    loads: after.loads?.map((l, i) => (i === index ? { ...l, assumed } : l)),
  };
}

/** Numbers that differ between two loads of one case; another case is another load, and says nothing. */
function changedNumbers(was: BriefLoad | undefined, is: BriefLoad): LoadNumber[] {
  if (was?.case !== is.case) return [];
  return loadNumbers.filter(n => was[n] !== is[n]);
}
