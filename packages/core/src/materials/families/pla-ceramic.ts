import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Ceramic PLA: PLA with 20–40 % by weight of clay, chalk or stone powder. */
export const plaCeramic = filled(pla, fillers.ceramic, {
  key: 'pla-ceramic',
  name: 'Ceramic PLA',
  note: 'PLA with 20–40 % by weight of clay, chalk or stone powder',
  overrides: {
    densityGcm3: [1.4, 1.58, 1.8],
    yieldMPa: [28, 38, 50],
    elongationPct: [1, 1.8, 4],
  },
  windows: { nozzleC: [195, 225], speedMmS: [30, 80] },
});
