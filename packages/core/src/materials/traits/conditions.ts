import { typical, type Family } from '../family.js';
import type { PropertyName } from '../property.js';

// What traits rest on: a flag, or a property's typical value against a limit.

/** A property's typical value; null where it does not apply. */
export const at = (f: Family, name: PropertyName): number | null =>
  f.properties[name] ? typical(f, name) : null;
/** Has at least so much of a property. */
export const least = (name: PropertyName, limit: number) => (f: Family) =>
  (at(f, name) ?? -Infinity) >= limit;
/** Has at most so much of a property, or none. */
export const most = (name: PropertyName, limit: number) => (f: Family) => (at(f, name) ?? Infinity) <= limit;
/** Gives like rubber. */
export const rubber = (f: Family): boolean => f.flags.structure === 'elastomer';
/** Is smoothed by a solvent. */
export const smoothed = (by: Family['flags']['smoothedBy'][number]) => (f: Family) =>
  f.flags.smoothedBy.includes(by);
/** Bears chemicals well, each of them. */
export const withstands =
  (...what: (keyof Family['chemicals'])[]) =>
  (f: Family) =>
    what.every(c => f.chemicals[c] === 'good');
/** A room’s air, at which a chamber that must be warm is not warm. */
export const ROOM_C = 28;
