import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** Tough PLA: PLA with an impact modifier; typical of toughened grades. */
export const plaTough = filled(pla, fillers.toughener, {
  key: 'pla-tough',
  name: 'Tough PLA',
  note: 'PLA with an impact modifier; typical of toughened grades',
  overrides: {
    densityGcm3: [1.18, 1.22, 1.25],
    modulusMPa: [1800, 2300, 2800],
    yieldMPa: [34, 41, 48],
    zRatio: [0.55, 0.7, 0.85, 'estimate'],
    elongationPct: [5, 12, 40],
    charpy23KJm2: [5, 9, 18],
    charpyUnnotched23KJm2: [35, 60, 120, 'estimate'],
    charpyMinus30KJm2: [2.5, 4, 6, 'estimate'],
    hdt045C: [50, 54, 57],
    hdt18C: [47, 50, 54],
    vicatC: [54, 58, 62],
    alphaPerK: [65e-6, 75e-6, 90e-6],
    uvHalfDoseMJm2: [400, 650, 1000, 'estimate'],
    shoreD: [72, 77, 81],
    spoolLimitC: [50, 54, 57, 'estimate'],
    pricePerKg: [20, 28, 42, 'estimate'],
    maxFlowMm3s: [11, 15, 22, 'estimate'],
    creepA: [0.08, 0.13, 0.2, 'estimate'],
    timeSlope: [0.075, 0.09, 0.11, 'estimate'],
    fatigueSlope: [0.12, 0.138, 0.15, 'estimate'],
    strainOncePct: [2.5, 3.5, 5, 'estimate'],
    strainRepeatedPct: [1, 1.4, 1.8, 'estimate'],
  },
  windows: {
    nozzleC: [200, 230],
    bedC: [45, 65],
    chamberC: [15, 40],
    speedMmS: [40, 120],
    fanPct: [60, 100],
    retractionMm: [0.5, 1.2],
  },
  flags: { stringing: 0.25, finish: 0.8 },
  retention: [
    [-30, 1.25],
    [0, 1.12],
    [23, 1],
    [40, 0.72],
    [50, 0.45],
    [55, 0.2],
    [60, 0.06],
    [70, 0.02],
  ],
});
