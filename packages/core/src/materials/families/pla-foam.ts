import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Foaming PLA: PLA with a foaming agent, printed at about the temperature of its best expansion. */
export const plaFoam = filled(pla, fillers['foaming-agent'], {
  key: 'pla-foam',
  name: 'Foaming PLA',
  note: 'PLA with a foaming agent, printed at about the temperature of its best expansion',
  overrides: {
    densityGcm3: [0.45, 0.66, 1.2],
    modulusMPa: [600, 1100, 2400],
    yieldMPa: [10, 17, 38],
    hdt045C: [48, 52, 56],
    hdt18C: [44, 48, 52],
    vicatC: [52, 56, 60],
    shoreD: [55, 68, 80],
    pricePerKg: [30, 42, 65, 'estimate'],
  },
  windows: { nozzleC: [200, 260], speedMmS: [30, 70], retractionMm: [0, 0.6] },
  flags: { foaming: { fromC: 210, peakC: 245, collapseC: 260 }, finish: 0.72, drive: 'slow-bowden' },
});
