import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { abs } from './abs.js';

/** ABS-GF: ABS with 10–20 % short glass fibre. */
export const absGf = filled(abs, fillers['glass-fibre'], {
  key: 'abs-gf',
  name: 'ABS-GF',
  note: 'ABS with 10–20 % short glass fibre',
  overrides: {
    densityGcm3: [1.1, 1.15, 1.22],
    modulusMPa: [3300, 4300, 5800],
    yieldMPa: [40, 48, 58],
    charpy23KJm2: [5, 7.5, 11],
    charpyUnnotched23KJm2: [22, 34, 50, 'estimate'],
    hdt045C: [95, 100, 105],
    hdt18C: [89, 95, 101],
    vicatC: [98, 104, 109],
    pricePerKg: [28, 38, 58, 'estimate'],
  },
  windows: {
    nozzleC: [240, 270],
    bedC: [85, 110],
    chamberC: [36, 70],
  },
  flags: {
    sheen: 'matt',
    finish: 0.85,
  },
});
