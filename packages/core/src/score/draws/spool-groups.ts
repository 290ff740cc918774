import type { PropertyName } from '../../materials/property.js';

/**
 * Properties that one spool has together: what softens late under one load softens late under the other, what
 * is tough when warm is tough when cold. Drawn apart, they would make spools that nobody sells.
 */
const groups: readonly (readonly PropertyName[])[] = [
  ['unloadedC', 'hdt045C', 'hdt18C', 'vicatC', 'tgC'],
  ['charpy23KJm2', 'charpyMinus30KJm2', 'charpyUnnotched23KJm2'],
  ['strainOncePct', 'strainRepeatedPct'],
  ['creepA', 'creepN'],
];

/** How many groups there are. */
export const SPOOL_GROUPS = groups.length;

/** The group a property moves with; −1 where it moves by itself. */
export function spoolGroup(name: PropertyName): number {
  return groups.findIndex(g => g.includes(name));
}
