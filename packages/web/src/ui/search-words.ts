import { synonyms } from './synonyms';

/** Words as they are compared: lower case, marks straight, one space between. */
const plain = (text: string): string => text.toLowerCase().replace(/[’‘]/g, "'").replace(/\s+/g, ' ').trim();

/** Every synonym, in words, with those that it stands beside; the longest first, so that “first layer” is one thing. */
const named = synonyms
  .flatMap(row => row.map(name => ({ words: plain(name).split(' '), row })))
  .sort((a, b) => b.words.length - a.words.length);

/** What was typed, thing by thing: each is a word and what else it is called. */
function thingsIn(typed: string): string[][] {
  const words = plain(typed).split(' ').filter(Boolean);
  const things: string[][] = [];
  for (let i = 0; i < words.length;) {
    const rows = named.filter(n => n.words.every((w, k) => words[i + k] === w));
    const length = rows[0]?.words.length ?? 1;
    const alike = rows.filter(n => n.words.length === length).flatMap(n => n.row);
    things.push([words.slice(i, i + length).join(' '), ...alike.map(plain)]);
    i += length;
  }
  return things;
}

/** A name at the beginning of a word. */
const begins = (name: string): RegExp =>
  new RegExp(`(?:^|[^\\p{L}\\p{N}])${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}`, 'u');

/**
 * What finds texts by what was typed: each of its words begins a word of the text, or something else that is meant by
 * it does.
 * @returns null where nothing was typed
 * @example finds('perimeters')!('Three walls carry it.'); // true
 */
export function finds(typed: string): ((text: string) => boolean) | null {
  const things = thingsIn(typed).map(names => names.map(begins));
  if (!things.length) return null;
  return text => {
    const told = plain(text);
    return things.every(names => names.some(n => n.test(told)));
  };
}
