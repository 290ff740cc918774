import { CREEP_HOURS } from '../models/heat-allowable.js';
import type { LoadKind } from './choices.js';

/** Whether a load is held for so long that creep decides rather than strength. */
export function isHeldLong(load: { kind: LoadKind; hours: number }): boolean {
  return load.kind === 'sustained' && load.hours > CREEP_HOURS;
}
