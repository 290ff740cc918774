import { decelerationForceN } from '../models/load-deceleration.js';
import type { Brief } from './brief.js';
import type { BriefLoad } from './brief-load.js';
import type { LoadField } from './load-field.js';

/** Whether a load is told on the shape itself: where it is held, and where what acts. */
export function hasPlaces(load: Pick<BriefLoad, 'held' | 'acts'>): boolean {
  return load.held.length > 0 && load.acts.length > 0;
}

/** What a load’s field depends on, as a short word: another file, lay, place, force or print setting changes it. */
export function fieldKey(
  brief: Pick<Brief, 'geometry' | 'print'>,
  load: Pick<BriefLoad, 'held' | 'acts'>,
): string {
  const { file, volumeCm3, fillets } = brief.geometry;
  const up = brief.geometry.up ?? [0, 0, 1];
  const { walls, lineMm, topLayers, bottomLayers, layerMm, infill, pattern } = brief.print;
  const settings = { walls, lineMm, topLayers, bottomLayers, layerMm, infill, pattern };
  // By their values alone: in which order an object names its fields does not matter.
  const held = load.held.map(h => h.atMm);
  const acts = load.acts.map(a => [a.atMm, a.forceN, a.throughout, a.pressureMPa, a.torqueNmm]);
  const radii = fillets.map(r => [r.atMm, r.radiusMm]);
  return digest(JSON.stringify([file, up, volumeCm3, held, acts, radii, settings]));
}

/** Eight hexadecimal digits of a text (FNV-1a): enough to tell that it changed. */
function digest(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}

/** The force that a load comes to, N: as it was said, or of its decelerated mass; null where it has none. */
export function forceOf({
  case: kind,
  forceN,
  massKg,
  decelerationG,
}: Pick<BriefLoad, 'case' | 'forceN' | 'massKg' | 'decelerationG'>): number | null {
  if (kind !== 'deceleration') return forceN;
  return massKg !== null && decelerationG !== null ? decelerationForceN({ massKg, decelerationG }) : null;
}

/** The force that the places of a knock are worked out under, N: its energy decides, any force tells its shares. */
const KNOCK_N = 1;

/** The force that a load is worked out under on the shape, N; null where it has none to put there. */
export function actingForceN(
  load: Pick<BriefLoad, 'case' | 'forceN' | 'massKg' | 'decelerationG'>,
): number | null {
  return load.case === 'drop' ? KNOCK_N : forceOf(load);
}

/**
 * How much larger a load is by now than what its field was worked out for: where nothing but forces act, by what the
 * brief says of them together; 1 elsewhere. Stress and deflection are proportional to it.
 */
export function fieldScale(
  load: Pick<BriefLoad, 'forceN' | 'acts' | 'case' | 'massKg' | 'decelerationG'>,
): number {
  const { acts } = load;
  const forceN = forceOf(load);
  const worked = acts.every(a => a.forceN)
    ? acts.reduce((sum, a) => sum + Math.hypot(...(a.forceN ?? [])), 0)
    : 0;
  return forceN === null || worked === 0 ? 1 : forceN / worked;
}

/** How far what acts lies from what is held, at the farthest, mm: what a deflection on the shape is judged against. */
export function reachMm({ held, acts }: Pick<BriefLoad, 'held' | 'acts'>): number {
  const apart = held.flatMap(h => acts.map(a => Math.hypot(...h.atMm.map((x, k) => x - a.atMm[k]!))));
  return Math.max(0, ...apart);
}

/** The field of a load where it is there and still stands for it; else null. */
export function fieldOf(brief: Pick<Brief, 'geometry' | 'print'>, load: BriefLoad): LoadField | null {
  return load.field && hasPlaces(load) && load.field.of === fieldKey(brief, load) ? load.field : null;
}
