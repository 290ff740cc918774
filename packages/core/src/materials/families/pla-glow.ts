import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Glow PLA: PLA with 5–15 % strontium aluminate. */
export const plaGlow = filled(pla, fillers.glow, {
  key: 'pla-glow',
  name: 'Glow PLA',
  note: 'PLA with 5–15 % strontium aluminate',
  overrides: {
    densityGcm3: [1.25, 1.31, 1.4],
    yieldMPa: [34, 43, 52],
  },
});
