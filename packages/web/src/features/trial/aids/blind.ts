import { chance } from '@hornblende/core/lib';

/** Letters for pieces whose names are hidden, shuffled by the trial's seed: the same each time. */
export function blindLetters(materials: readonly string[], seed: number): Map<string, string> {
  const source = chance(seed + 1);
  const drawn = materials.map(material => ({ material, at: source.uniform() }));
  drawn.sort((a, b) => a.at - b.at);
  return new Map(drawn.map(({ material }, n) => [String.fromCharCode(65 + n), material]));
}

/**
 * Places by letter from an order as it is said, the best first: "C, A = B" gives C 1, A and B 2.
 * @param letters those that must all stand in it
 * @returns what is wrong, in words, where it is no such order
 */
export function placesByOrder(order: string, letters: readonly string[]): Map<string, number> | string {
  const groups = order
    .toUpperCase()
    .replace(/\s*=\s*/g, '=')
    .split(/[\s,;>]+/)
    .filter(Boolean)
    .map(group => group.split('='));
  const said = groups.flat();
  const unknown = said.find(letter => !letters.includes(letter));
  if (unknown !== undefined) return `“${unknown}” is none of ${letters.join(', ')}`;
  const twice = said.find((letter, n) => said.indexOf(letter) !== n);
  if (twice !== undefined) return `${twice} stands there twice`;
  const missing = letters.filter(letter => !said.includes(letter));
  if (missing.length) return `${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing`;
  const places = new Map<string, number>();
  let place = 1;
  for (const group of groups) {
    for (const letter of group) places.set(letter, place);
    place += group.length;
  }
  return places;
}
