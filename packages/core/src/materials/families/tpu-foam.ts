import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { tpu85a } from './tpu-85a.js';

/**
 * Foaming TPU: thermoplastic polyurethane of about 85 Shore A with a foaming agent, printed at about the temperature of
 * its best expansion.
 */
export const tpuFoam = filled(tpu85a, fillers['foaming-agent'], {
  key: 'tpu-foam',
  name: 'Foaming TPU',
  note:
    'thermoplastic polyurethane of about 85 Shore A with a foaming agent, printed at about the temperature of ' +
    'its best expansion',
  overrides: {
    densityGcm3: [0.45, 0.72, 1.15],
    modulusMPa: [1.5, 5, 12],
    yieldMPa: [1, 2.4, 5],
    elongationPct: [200, 350, 550],
    charpy23KJm2: [30, 55, 90],
    charpyMinus30KJm2: [15, 27, 45, 'estimate'],
    hdt045C: [28, 34, 46],
    hdt18C: [22, 24, 29],
    vicatC: [50, 64, 82],
    shoreA: [50, 65, 82],
    shoreD: [10, 18, 30],
    compressionSetPct: [35, 50, 75, 'estimate'],
    pricePerKg: [50, 72, 110, 'estimate'],
    maxFlowMm3s: [1.2, 2.4, 4, 'estimate'],
    strainOncePct: [70, 110, 170, 'estimate'],
    strainRepeatedPct: [35, 60, 95, 'estimate'],
  },
  windows: { nozzleC: [195, 250], speedMmS: [10, 30], retractionMm: [0, 0.2] },
  flags: {
    sheen: 'matt',
    paint: 'poorly',
    sanding: 'no',
    role: 'work',
    wear: 'fair',
    foaming: { fromC: 195, peakC: 228, collapseC: 248 },
    stringing: 0.95,
    finish: 0.55,
  },
});
