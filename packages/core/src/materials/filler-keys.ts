export const fillerKeys = [
  'carbon-fibre',
  'glass-fibre',
  'foaming-agent',
  'microspheres',
  'wood',
  'metal',
  'gloss',
  'glow',
  'toughener',
  'nucleant',
] as const;

export type FillerKey = (typeof fillerKeys)[number];
