import type { Family } from './family.js';
import { plasticKindIfKnown, type PlasticKind } from './plastic-kind.js';

/** What becomes of a part when it is done with. */
export interface Recycling {
  /** Number of the resin identification code (ASTM D7611), 7 for all others. */
  code: number;
  /** Who takes it: the household collection, someone who collects that plastic, or nobody. */
  taken: 'household' | 'collected' | 'nobody';
  why: string;
}

const OTHER = 7;

/** By kind of plastic, unfilled: what is usual, and differs from place to place. */
const byKind: Readonly<Record<PlasticKind, Recycling>> = {
  pp: {
    code: 5,
    taken: 'household',
    why: 'Polypropylene is sorted and sold; a small part may fall through.',
  },
  pe: { code: 2, taken: 'household', why: 'Polyethylene is sorted and sold; a small part may fall through.' },
  polyester: {
    code: OTHER,
    taken: 'collected',
    why: 'It melts lower than bottles and spoils them: only who collects prints takes it.',
  },
  pla: {
    code: OTHER,
    taken: 'collected',
    why: 'Who collects prints takes it; a garden heap does not rot it.',
  },
  styrenic: {
    code: OTHER,
    taken: 'collected',
    why: 'Who collects prints or housings of appliances takes it.',
  },
  acrylic: { code: OTHER, taken: 'collected', why: 'Who collects sheet takes it.' },
  pc: { code: OTHER, taken: 'collected', why: 'Who collects discs and glazing takes it.' },
  pa: {
    code: OTHER,
    taken: 'collected',
    why: 'Who collects nets and prints takes it, if it says which nylon it is.',
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
  household: 'household collection takes it',
  collected: 'only who collects that plastic takes it',
  nobody: 'nobody takes it',
};
