import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Silk PLA: PLA blended with a polyester for gloss. */
export const plaSilk = filled(pla, fillers.gloss, {
  key: 'pla-silk',
  name: 'Silk PLA',
  note: 'PLA blended with a polyester for gloss',
  overrides: {
    densityGcm3: [1.2, 1.24, 1.28],
    modulusMPa: [1800, 2300, 2900],
    yieldMPa: [28, 37, 46],
    zRatio: [0.3, 0.45, 0.6, 'estimate'],
  },
  windows: { nozzleC: [205, 230], speedMmS: [30, 90] },
});
