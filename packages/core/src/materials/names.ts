import type { Adhesive, Chemical, Plate, Resistance } from './family.js';
import { fillers } from './fillers.js';
import type { FillerKey } from './filler-keys.js';

/** Plates as people call them. */
export const plateNames: Record<Plate, string> = {
  'smooth-pei': 'smooth PEI',
  'textured-pei': 'textured PEI',
  glass: 'glass',
  garolite: 'garolite',
  'pp-sheet': 'polypropylene sheet',
};

/** What is put on a plate, as people call it. */
export const adhesiveNames: Record<Adhesive, string> = {
  'glue-stick': 'glue stick',
  'pp-tape': 'polypropylene tape',
  'release-layer': 'a release layer',
};

/** Chemicals as people call them. */
export const chemicalNames: Record<Chemical, string> = {
  petrol: 'petrol',
  oil: 'oil',
  alcohol: 'alcohol',
  acetone: 'acetone',
  'weak-acid': 'weak acid',
  'strong-acid': 'strong acid',
  alkali: 'alkali',
  'salt-water': 'salt water',
  bleach: 'bleach or another oxidiser',
  'brake-fluid': 'brake fluid',
  detergent: 'detergent',
};

/** How a chemical is borne, in words. */
export const resistanceWords: Record<Resistance, string> = {
  good: 'for good',
  fair: 'for a while',
  poor: 'not',
};

/** A list of chemicals in words: "weak acid, salt water". */
export function chemicalList(list: readonly Chemical[]): string {
  return list.map(c => chemicalNames[c]).join(', ');
}

/** A filler as people call it: "short carbon fibre". */
export function fillerName(key: FillerKey): string {
  return fillers[key].name;
}
