import { traits } from './traits.js';
import type { Trait } from './traits/trait.js';

/** What of a search is a trait, and what is left to be looked for in names. */
export interface TraitSearch {
  traits: Trait[];
  words: string[];
}

/** Words as they are compared: lower case, hyphens as spaces, curly marks straight. */
const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[’]/g, "'")
    .replace(/[-–,;]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/** Every name of every trait, in words, the longest first, so that “heat resistant” is not read as “heat”. */
const names = traits
  .flatMap(trait => [trait.label, ...trait.also].map(name => ({ trait, words: plain(name).split(' ') })))
  .sort((a, b) => b.words.length - a.words.length);

/** Words that tell only where one trait ends and the next begins. */
const joining = new Set(
  'a and be bears does for good in is it must of resistant that the to which with'.split(' '),
);

/**
 * Reads a search in people’s own words.
 * @returns the traits that it names, each once, in the order of the text; and the other words
 * @example traitsIn('rubber that floats').traits.map(t => t.id); // ['rubber', 'floats']
 */
export function traitsIn(search: string): TraitSearch {
  const words = plain(search).split(' ').filter(Boolean);
  const found: Trait[] = [];
  const left: string[] = [];
  for (let i = 0; i < words.length;) {
    const name = names.find(n => n.words.every((w, k) => words[i + k] === w));
    if (name) {
      if (!found.includes(name.trait)) found.push(name.trait);
      i += name.words.length;
    } else left.push(words[i++]!);
  }
  // Beside no trait they may be part of a name.
  return { traits: found, words: found.length ? left.filter(w => !joining.has(w)) : left };
}
