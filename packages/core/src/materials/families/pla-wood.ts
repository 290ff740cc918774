import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Wood PLA: PLA with 15–30 % wood flour. */
export const plaWood = filled(pla, fillers.wood, {
  key: 'pla-wood',
  name: 'Wood PLA',
  note: 'PLA with 15–30 % wood flour',
  overrides: {
    densityGcm3: [1.1, 1.17, 1.25],
    modulusMPa: [2000, 2700, 3400],
    yieldMPa: [26, 34, 42],
  },
  windows: { nozzleC: [190, 220], speedMmS: [30, 90] },
});
