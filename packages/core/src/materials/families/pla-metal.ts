import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Metal PLA: PLA with 50–80 % by weight of bronze, copper or steel powder. */
export const plaMetal = filled(pla, fillers.metal, {
  key: 'pla-metal',
  name: 'Metal PLA',
  note: 'PLA with 50–80 % by weight of bronze, copper or steel powder',
  overrides: {
    densityGcm3: [1.8, 2.9, 4],
    modulusMPa: [2500, 3400, 4500],
    yieldMPa: [18, 28, 40],
    elongationPct: [1, 2, 4],
    pricePerKg: [35, 60, 120, 'estimate'],
  },
  windows: { nozzleC: [195, 225], speedMmS: [30, 80] },
});
