import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Iron PLA: PLA with 40–50 % by weight of iron powder, which magnets hold and damp air rusts. */
export const plaIron = filled(pla, fillers.iron, {
  key: 'pla-iron',
  name: 'Iron PLA',
  note: 'PLA with 40–50 % by weight of iron powder: magnets hold it, and it rusts where it is damp',
  overrides: {
    densityGcm3: [1.7, 1.85, 2.1],
    yieldMPa: [18, 30, 42],
    elongationPct: [1, 2, 4],
    pricePerKg: [40, 65, 110, 'estimate'],
  },
  windows: { nozzleC: [190, 220], speedMmS: [30, 70] },
});
