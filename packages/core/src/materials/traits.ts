import type { Family } from './family.js';
import { traitsInService } from './traits/in-service.js';
import { traitsInTheMaking } from './traits/in-the-making.js';
import type { Trait } from './traits/trait.js';

/**
 * What filaments do, as data: the library is searched by these in people’s own words. Each rests on a flag or on a
 * property’s typical value, never on a list of names.
 */
export const traits: readonly Trait[] = [...traitsInService, ...traitsInTheMaking];

/** What a filament does, of {@link traits}. */
export function traitsOf(f: Family): Trait[] {
  return traits.filter(t => t.of(f));
}
