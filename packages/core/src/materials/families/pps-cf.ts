import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pps } from './pps.js';

/** PPS-CF: polyphenylene sulphide with 15–20 % short carbon fibre. */
export const ppsCf = filled(pps, fillers['carbon-fibre'], {
  key: 'pps-cf',
  name: 'PPS-CF',
  note: 'polyphenylene sulphide with 15–20 % short carbon fibre',
  overrides: {
    densityGcm3: [1.36, 1.41, 1.46],
    modulusMPa: [7000, 9500, 13000],
    yieldMPa: [70, 90, 120],
    zRatio: [0.3, 0.42, 0.55, 'estimate'],
    elongationPct: [0.8, 1.2, 2],
    charpy23KJm2: [1.8, 2.5, 3.5],
    charpyUnnotched23KJm2: [12, 20, 30, 'estimate'],
    charpyMinus30KJm2: [1.6, 2.2, 3.2, 'estimate'],
    hdt045C: [230, 250, 262],
    hdt18C: [140, 190, 240],
    vicatC: [240, 255, 265],
    alphaPerK: [12e-6, 20e-6, 32e-6],
    crystallisationStrain: [0.0002, 0.0006, 0.0012, 'estimate'],
    uvHalfDoseMJm2: [800, 1500, 2500, 'estimate'],
    pricePerKg: [110, 160, 240, 'estimate'],
    strainOncePct: [0.6, 0.9, 1.2, 'estimate'],
    strainRepeatedPct: [0.35, 0.55, 0.8, 'estimate'],
  },
  windows: {
    nozzleC: [320, 350],
    bedC: [110, 140],
    chamberC: [40, 100],
  },
  flags: {
    sheen: 'matt',
    paint: 'poorly',
    stringing: 0.3,
    finish: 0.9,
  },
});
