/** What may be put into a family. */
export const fillerKeys = [
  'carbon-fibre',
  'glass-fibre',
  'foaming-agent',
  'microspheres',
  'wood',
  'metal',
  'iron',
  'ceramic',
  'gloss',
  'glow',
  'toughener',
  'nucleant',
  'conductive',
  'flame-retardant',
] as const;

/** What is put into a family. */
export type FillerKey = (typeof fillerKeys)[number];
