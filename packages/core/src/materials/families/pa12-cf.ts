import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pa12 } from './pa12.js';

/** PA12-CF: polyamide 12 with 10–20 % short carbon fibre, printed, conditioned. */
export const pa12Cf = filled(pa12, fillers['carbon-fibre'], {
  key: 'pa12-cf', name: 'PA12-CF',
  note: 'polyamide 12 with 10–20 % short carbon fibre, printed, conditioned',
  overrides: {
    densityGcm3: [1.04, 1.07, 1.12],
    modulusMPa: [3000, 4200, 6000],
    yieldMPa: [48, 60, 78],
    zRatio: [.35, .5, .65, 'estimate'],
    elongationPct: [2.5, 5, 9],
    charpy23KJm2: [5, 8, 12],
    charpyMinus30KJm2: [4, 5.5, 8, 'estimate'],
    hdt045C: [125, 148, 168],
    hdt18C: [85, 112, 145],
    vicatC: [145, 160, 172],
    alphaPerK: [18e-6, 30e-6, 50e-6],
    crystallisationStrain: [.0004, .001, .002, 'estimate'],
    uvHalfDoseMJm2: [900, 1400, 2100, 'estimate'],
    fieldUvFactor: [1, 1.3, 1.7, 'estimate'],
    waterUptakePct: [.7, 1.1, 1.5],
    wetFactor: [.82, .89, .95, 'estimate'],
    shoreD: [75, 78, 82],
    pricePerKg: [60, 85, 140, 'estimate'],
    creepA: [.045, .07, .1, 'estimate'],
    creepN: [.14, .18, .22, 'estimate'],
    creepKPerK: [.014, .02, .027, 'estimate'],
    timeSlope: [.045, .055, .07, 'estimate'],
    strainOncePct: [1.4, 2, 2.8, 'estimate'],
    strainRepeatedPct: [.8, 1.2, 1.6, 'estimate'],
  },
  windows: { nozzleC: [250, 285], bedC: [70, 100], chamberC: [20, 75], fanPct: [0, 40], retractionMm: [0.3, 0.9] },
  flags: { stringing: 0.35 },
  retention: [[-30, 1.3], [0, 1.14], [23, 1], [40, 0.82], [60, 0.66], [80, 0.56], [100, 0.47], [130, 0.33], [150, 0.2], [172, 0.03]],
  adhesion: { 'smooth-pei': { bare: 100, adhesive: { 'glue-stick': 225 } }, 'textured-pei': { bare: 95, adhesive: { 'glue-stick': 215 } }, glass: { bare: 45, adhesive: { 'glue-stick': 205 } }, garolite: { bare: 240, adhesive: { 'glue-stick': 280 } } },
});
