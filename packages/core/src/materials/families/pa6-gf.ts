import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pa6 } from './pa6.js';

/** PA6-GF: polyamide 6 with 20–30 % short glass fibre, printed, conditioned. */
export const pa6Gf = filled(pa6, fillers['glass-fibre'], {
  key: 'pa6-gf', name: 'PA6-GF',
  note: 'polyamide 6 with 20–30 % short glass fibre, printed, conditioned',
  overrides: {
    densityGcm3: [1.25, 1.32, 1.38],
    modulusMPa: [2800, 4000, 5800],
    yieldMPa: [58, 73, 92],
    zRatio: [.35, .5, .65, 'estimate'],
    elongationPct: [2.5, 4, 7],
    charpy23KJm2: [6, 9.5, 14],
    charpyMinus30KJm2: [4.5, 6.5, 10, 'estimate'],
    hdt045C: [165, 188, 208],
    hdt18C: [100, 135, 175],
    alphaPerK: [20e-6, 35e-6, 55e-6],
    crystallisationStrain: [.0004, .001, .002, 'estimate'],
    fieldUvFactor: [1, 1.3, 1.7, 'estimate'],
    waterUptakePct: [4.5, 6, 7.5],
    wetFactor: [.55, .66, .78, 'estimate'],
    shoreD: [78, 82, 85],
    pricePerKg: [45, 62, 98, 'estimate'],
    creepA: [.04, .065, .1, 'estimate'],
    creepN: [.15, .19, .23, 'estimate'],
    creepKPerK: [.014, .02, .027, 'estimate'],
    timeSlope: [.045, .055, .065, 'estimate'],
    strainOncePct: [1.5, 2.1, 3, 'estimate'],
    strainRepeatedPct: [.9, 1.3, 1.8, 'estimate'],
  },
  windows: { nozzleC: [260, 290], bedC: [75, 105], chamberC: [25, 80], fanPct: [0, 30], retractionMm: [0.3, 0.9] },
  flags: { stringing: 0.4 },
  retention: [[-30, 1.3], [0, 1.15], [23, 1], [40, 0.8], [60, 0.64], [80, 0.54], [100, 0.47], [130, 0.38], [160, 0.27], [190, 0.15], [215, 0.03]],
  adhesion: { 'smooth-pei': { bare: 105, adhesive: { 'glue-stick': 225 } }, 'textured-pei': { bare: 100, adhesive: { 'glue-stick': 220 } }, glass: { bare: 45, adhesive: { 'glue-stick': 205 } }, garolite: { bare: 250, adhesive: { 'glue-stick': 290 } } },
});
