import { loadNumbers, type BriefLoad, type LoadNumber } from './brief-load.js';
import { shapeFields, type ShapeField } from './brief-geometry.js';
import type { Brief } from './brief.js';

/** What of a brief keeps account of numbers that nobody has said. */
type Accounted = Pick<Brief, 'loads' | 'heat' | 'geometry' | 'filledIn'>;

/**
 * The brief once a path has been said: what was only assumed there is assumed no more. A load that is replaced
 * whole keeps what did not change.
 * @param before the brief before it was said
 * @param after the same with the value in its place
 */
export function onceSaid<T extends Partial<Accounted>>(before: T, after: T, path: string): T {
  return noLongerFilledIn(onceNumbersSaid(before, after, path), path);
}

/** A field of which anything was said is no longer what the kind of part filled in. */
function noLongerFilledIn<T extends Partial<Accounted>>(after: T, path: string): T {
  const [field] = path.split('.');
  if (!after.filledIn?.some(f => f === field)) return after;
  return { ...after, filledIn: after.filledIn.filter(f => f !== field) };
}

function onceNumbersSaid<T extends Partial<Accounted>>(before: T, after: T, path: string): T {
  const load = /^loads\.(\d+)(?:\.(\w+))?$/.exec(path);
  if (load) return withLoad(before, after, Number(load[1]), load[2]);
  const size = /^geometry\.(\w+)$/.exec(path);
  if (size) return withSize(after, size[1] as ShapeField);
  const heat = /^heat\.(sourceC|partC)$/.exec(path);
  if (!heat || !after.heat?.assumed?.length) return after;
  return { ...after, heat: { ...after.heat, assumed: after.heat.assumed.filter(n => n !== heat[1]) } };
}

/** A size that is said by hand is no longer the file's, and neither is where its plastic lies. */
function withSize<T extends Partial<Accounted>>(after: T, field: ShapeField): T {
  const { geometry: g } = after;
  if (!g?.fromFile?.includes(field) || !shapeFields.includes(field)) return after;
  const fromFile = g.fromFile.filter(f => f !== field);
  const kept = field === 'sharpCorners' || field === 'wallMm' ? {} : { deepShares: null, footFill: null };
  return { ...after, geometry: { ...g, ...kept, fromFile } };
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
