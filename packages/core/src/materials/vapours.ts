/** What printing may put into the air. */
export const vapourKeys = [
  'styrene',
  'caprolactam',
  'laurolactam',
  'lactide',
  'phenols',
  'acrylates',
  'formaldehyde',
  'hydrogen-fluoride',
  'sulphur-compounds',
  'isocyanates',
] as const;

/** A vapour that printing may put into the air. */
export type VapourKey = (typeof vapourKeys)[number];

/** A vapour: what it is called, what it may be held against, and what it does. */
export interface Vapour {
  name: string;
  /** A chronic reference value, µg/m³; null where none is settled. */
  referenceUgM3: number | null;
  source: string;
  does: string;
}

/**
 * What is known of each vapour. Reference values are levels at which no harm is expected over years, of the office
 * that is named; what holds at a place is its own rules' to say.
 */
export const vapours: Readonly<Record<VapourKey, Vapour>> = {
  styrene: {
    name: 'styrene',
    referenceUgM3: 900,
    source: 'OEHHA chronic reference exposure level',
    does: 'smells sweet and sharp, tires and irritates',
  },
  caprolactam: {
    name: 'caprolactam',
    referenceUgM3: 2.2,
    source: 'OEHHA chronic reference exposure level',
    does: 'irritates eyes and throat',
  },
  laurolactam: {
    name: 'laurolactam',
    referenceUgM3: null,
    source: 'no value settled; less volatile than caprolactam',
    does: 'settles as white dust and irritates little',
  },
  lactide: { name: 'lactide', referenceUgM3: null, source: 'no value settled', does: 'smells sweet' },
  phenols: {
    name: 'phenols',
    referenceUgM3: 200,
    source: 'OEHHA chronic reference exposure level of phenol',
    does: 'smell of tar and irritate',
  },
  acrylates: {
    name: 'methyl methacrylate',
    referenceUgM3: 700,
    source: 'US EPA reference concentration',
    does: 'smells sharp and irritates',
  },
  formaldehyde: {
    name: 'formaldehyde',
    referenceUgM3: 9,
    source: 'OEHHA chronic reference exposure level',
    does: 'stings eyes and nose, and is a carcinogen',
  },
  'hydrogen-fluoride': {
    name: 'hydrogen fluoride',
    referenceUgM3: 14,
    source: 'OEHHA chronic reference exposure level',
    does: 'burns, and only appears when the plastic is overheated',
  },
  'sulphur-compounds': {
    name: 'sulphur compounds',
    referenceUgM3: 10,
    source: 'OEHHA chronic reference exposure level of hydrogen sulphide',
    does: 'smell of rotten eggs',
  },
  isocyanates: {
    name: 'traces of isocyanates',
    referenceUgM3: 0.08,
    source: 'OEHHA chronic reference exposure level of MDI',
    does: 'may sensitise when the plastic is overheated',
  },
};

/** What it gives off, in a sentence. */
export function vapourSentence({
  fumes,
  vapour,
}: {
  fumes: string;
  vapour: { of: VapourKey } | null;
}): string {
  if (fumes === 'low' || !vapour) return 'Gives off little.';
  const { name, does } = vapours[vapour.of];
  return `Gives off ${name}, which ${does}.`;
}
