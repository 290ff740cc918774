import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** PLA-CF: PLA with 10–15 % short carbon fibre. */
export const plaCf = filled(pla, fillers['carbon-fibre'], {
  key: 'pla-cf',
  name: 'PLA-CF',
  note: 'PLA with 10–15 % short carbon fibre',
  overrides: {
    densityGcm3: [1.22, 1.27, 1.33],
    modulusMPa: [4000, 5200, 7500],
    yieldMPa: [40, 48, 58],
    elongationPct: [1, 1.8, 3],
    charpy23KJm2: [1.6, 2.3, 3.5],
    charpyUnnotched23KJm2: [8, 13, 20, 'estimate'],
    hdt045C: [53, 57, 62],
    hdt18C: [51, 55, 59],
    shoreD: [80, 84, 87],
    pricePerKg: [26, 36, 58, 'estimate'],
  },
  windows: { nozzleC: [205, 235] },
  flags: { wear: 'poor', stringing: 0.15 },
});
