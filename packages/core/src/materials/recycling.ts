import type { Family } from './family.js';
import { plasticKindIfKnown, type PlasticKind } from './plastic-kind.js';

/** What becomes of a part when it is done with. */
export interface Recycling {
  /** Number of the resin identification code (ASTM D7611), 7 for all others. */
  code: number;
  /** Who takes it: household recycling, a collection of that plastic, or no usual one. */
  taken: 'household' | 'collected' | 'nobody';
  why: string;
}

const OTHER = 7;

/** By kind of plastic, unfilled: what is usual, and differs from place to place. */
const byKind: Readonly<Record<PlasticKind, Recycling>> = {
  pp: {
    code: 5,
    taken: 'household',
    why: 'Polypropylene is sorted and sold; a small part may fall through the sorting.',
  },
  pe: {
    code: 2,
    taken: 'household',
    why: 'Polyethylene is sorted and sold; a small part may fall through the sorting.',
  },
  polyester: {
    code: OTHER,
    taken: 'collected',
    why: 'It melts lower than bottles and spoils them, so that it has to be collected apart.',
  },
  pla: {
    code: OTHER,
    taken: 'collected',
    why: 'Collections of printing waste take it; a garden compost heap does not break it down.',
  },
  styrenic: {
    code: OTHER,
    taken: 'collected',
    why: 'Collections of printing waste and of old appliances take it.',
  },
  acrylic: { code: OTHER, taken: 'collected', why: 'Collections of sheet offcuts take it.' },
  pc: { code: OTHER, taken: 'collected', why: 'Collections of discs and glazing take it.' },
  pa: {
    code: OTHER,
    taken: 'collected',
    why: 'Collections of nets and printing waste take it, if it is marked with which nylon it is.',
  },
  pvb: { code: OTHER, taken: 'nobody', why: 'Hardly anybody sorts it.' },
  pom: { code: OTHER, taken: 'nobody', why: 'Hardly anybody sorts it.' },
  fluoro: { code: OTHER, taken: 'nobody', why: 'It spoils what it is melted with.' },
  tpu: { code: OTHER, taken: 'nobody', why: 'Hardly anybody sorts rubber.' },
  tpe: { code: OTHER, taken: 'nobody', why: 'Hardly anybody sorts rubber.' },
  imide: { code: OTHER, taken: 'nobody', why: 'It melts far above what is melted with it.' },
  soluble: { code: OTHER, taken: 'nobody', why: 'It goes down the drain.' },
};

/** What nobody can sort. */
const UNKNOWN: Recycling = { code: OTHER, taken: 'nobody', why: 'It is not known what it is made of.' };

/** What becomes of a family when it is done with: fibre, wood or metal in it, and nobody takes it. */
export function recyclingOf(f: Family): Recycling {
  const kind = plasticKindIfKnown(f.grade?.family ?? f.key);
  const plain = kind ? byKind[kind] : UNKNOWN;
  return f.filler === null
    ? plain
    : { ...plain, taken: 'nobody', why: 'What is mixed into it spoils the plastic that it is melted with.' };
}

/** In words, who takes it. */
export const takenWords: Readonly<Record<Recycling['taken'], string>> = {
  household: 'household recycling takes it',
  collected: 'only a collection of this plastic takes it',
  nobody: 'no usual collection takes it',
};
