import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pc } from './pc.js';

/** PC-CF: polycarbonate with 10–20 % short carbon fibre. */
export const pcCf = filled(pc, fillers['carbon-fibre'], {
  key: 'pc-cf',
  name: 'PC-CF',
  note: 'polycarbonate with 10–20 % short carbon fibre',
  overrides: {
    densityGcm3: [1.22, 1.26, 1.3],
    modulusMPa: [4000, 5500, 7500],
    yieldMPa: [55, 68, 85],
    charpy23KJm2: [5, 8, 12],
    charpyMinus30KJm2: [3.5, 5.5, 8, 'estimate'],
    charpyUnnotched23KJm2: [30, 45, 65, 'estimate'],
    hdt045C: [133, 140, 146],
    hdt18C: [126, 134, 141],
    vicatC: [140, 147, 152],
    pricePerKg: [60, 90, 140, 'estimate'],
  },
  windows: {
    nozzleC: [270, 310],
    bedC: [95, 120],
    chamberC: [35, 90],
  },
  flags: {
    sheen: 'matt',
    finish: 0.9,
  },
});
