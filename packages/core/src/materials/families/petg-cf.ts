import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { petg } from './petg.js';

/** PETG-CF: PETG with 10–20 % short carbon fibre. */
export const petgCf = filled(petg, fillers['carbon-fibre'], {
  key: 'petg-cf',
  name: 'PETG-CF',
  note: 'PETG with 10–20 % short carbon fibre',
  overrides: {
    densityGcm3: [1.27, 1.31, 1.36],
    modulusMPa: [3200, 4200, 6000],
    yieldMPa: [40, 50, 62],
    zRatio: [0.35, 0.47, 0.62, 'estimate'],
    elongationPct: [2, 4, 8],
    charpy23KJm2: [2.8, 4.2, 7],
    charpyUnnotched23KJm2: [16, 25, 40, 'estimate'],
    hdt045C: [69, 74, 80],
    hdt18C: [66, 70, 75],
    pricePerKg: [30, 42, 68, 'estimate'],
  },
  windows: { nozzleC: [235, 265], fanPct: [10, 60] },
  flags: { wear: 'poor', stringing: 0.4 },
  adhesion: {
    'smooth-pei': { bare: 80, adhesive: { 'glue-stick': 55, 'release-layer': 51 } },
    'textured-pei': { bare: 43 },
    glass: { bare: 55, adhesive: { 'glue-stick': 49 } },
    garolite: { bare: 34 },
  },
});
