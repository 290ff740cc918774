import { ramp } from '../lib/between.js';
import type { LoadKind } from './choices.js';

/** Hours from which a held load is one that creep decides, and from which creep alone does. */
const CREEP_HOURS = { from: 100, wholly: 1000 };

/** Whether a load is held for so long that creep decides rather than strength. */
export function isHeldLong(load: { kind: LoadKind; hours: number }): boolean {
  return load.kind === 'sustained' && load.hours > CREEP_HOURS.wholly;
}

/** How far creep decides a load, 0 to 1: by decades of hours, so that one hour more is never a step. */
export function creepShare(load: { kind: LoadKind; hours: number }): number {
  if (load.kind !== 'sustained' || load.hours <= 0) return 0;
  return ramp(Math.log10(load.hours), Math.log10(CREEP_HOURS.from), Math.log10(CREEP_HOURS.wholly));
}
