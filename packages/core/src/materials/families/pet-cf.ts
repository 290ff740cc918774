import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { petg } from './petg.js';

/** PET-CF: crystallisable PET with 15–20 % short carbon fibre, as printed; PETG is its nearest unfilled relative here. */
export const petCf = filled(petg, fillers['carbon-fibre'], {
  key: 'pet-cf', name: 'PET-CF',
  note: 'crystallisable PET with 15–20 % short carbon fibre, as printed; PETG is its nearest unfilled relative here',
  overrides: {
    densityGcm3: [1.31, 1.36, 1.42],
    modulusMPa: [4500, 6000, 9000],
    yieldMPa: [60, 72, 90],
    zRatio: [.35, .48, .62, 'estimate'],
    elongationPct: [1.4, 2.3, 4],
    charpy23KJm2: [3.2, 4.8, 7.5],
    charpyMinus30KJm2: [2.6, 3.8, 6, 'estimate'],
    hdt045C: [80, 105, 145],
    hdt18C: [72, 82, 105],
    vicatC: [140, 175, 215],
    tgC: [70, 76, 82],
    tmC: [240, 250, 256],
    solidificationC: [76, 90, 120, 'estimate'],
    alphaPerK: [15e-6, 25e-6, 40e-6],
    crystallisationStrain: [.0003, .0008, .002, 'estimate'],
    waterUptakePct: [.2, .3, .5],
    printWaterPct: [.03, .06, .1, 'estimate'],
    shoreD: [79, 82, 85],
    dryC: [65, 75, 100],
    dryHours: [5, 7, 10],
    spoolLimitC: [74, 82, 105, 'estimate'],
    pricePerKg: [45, 65, 105, 'estimate'],
    creepA: [.03, .045, .07, 'estimate'],
    creepN: [.15, .19, .23, 'estimate'],
    creepKPerK: [.02, .028, .036, 'estimate'],
    timeSlope: [.045, .055, .07, 'estimate'],
    strainOncePct: [1, 1.4, 2, 'estimate'],
    strainRepeatedPct: [.6, .9, 1.2, 'estimate'],
  },
  windows: { nozzleC: [270, 300], bedC: [65, 90], chamberC: [15, 65], fanPct: [0, 50] },
  flags: { stringing: 0.3 },
  retention: [[-30, 1.15], [0, 1.08], [23, 1], [40, 0.93], [60, 0.82], [75, 0.6], [85, 0.42], [100, 0.33], [130, 0.26], [180, 0.15], [240, 0.02]],
  adhesion: { 'smooth-pei': { bare: 220, adhesive: { 'glue-stick': 260 } }, 'textured-pei': { bare: 180, adhesive: { 'glue-stick': 220 } }, glass: { bare: 110, adhesive: { 'glue-stick': 220 } }, garolite: { bare: 180 } },
  disputes: [],
});
