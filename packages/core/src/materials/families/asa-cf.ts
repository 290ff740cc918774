import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { asa } from './asa.js';

/** ASA-CF: ASA with 10–15 % short carbon fibre. */
export const asaCf = filled(asa, fillers['carbon-fibre'], {
  key: 'asa-cf',
  name: 'ASA-CF',
  note: 'ASA with 10–15 % short carbon fibre',
  overrides: {
    densityGcm3: [1.08, 1.11, 1.15],
    modulusMPa: [3200, 4400, 6500],
    yieldMPa: [37, 45, 55],
    elongationPct: [1.4, 2.4, 4],
    charpy23KJm2: [3, 5, 8],
    charpyUnnotched23KJm2: [12, 18, 28, 'estimate'],
    charpyMinus30KJm2: [2, 2.8, 4.2, 'estimate'],
    hdt045C: [95, 101, 107],
    hdt18C: [89, 95, 101],
    uvHalfDoseMJm2: [6000, 9000, 12000, 'estimate'],
    pricePerKg: [36, 50, 80, 'estimate'],
  },
  windows: { nozzleC: [245, 270], chamberC: [34, 70] },
  flags: { stringing: 0.2 },
});
