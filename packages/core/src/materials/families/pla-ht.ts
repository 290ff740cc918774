import { filled } from '../filler.js';
import { fillers } from '../fillers.js';
import { pla } from './pla.js';

/** PLA-HT: heat-treatable PLA; as printed it behaves like PLA, an oven crystallises it. */
export const plaHt = filled(pla, fillers.nucleant, {
  key: 'pla-ht',
  name: 'PLA-HT',
  note: 'heat-treatable PLA, as printed: it cools too fast to crystallise and behaves like PLA',
  overrides: {
    charpy23KJm2: [2.2, 3, 4.5],
    charpyMinus30KJm2: [1.7, 2.3, 3.2, 'estimate'],
    tgC: [55, 61, 65],
    tmC: [155, 170, 180],
    crystallisationStrain: [0.0002, 0.0004, 0.0008, 'estimate'],
  },
  windows: { nozzleC: [205, 235], bedC: [45, 70] },
  baked: {
    structure: 'semi-crystalline',
    ovenC: 105,
    hours: 1,
    shrinkagePct: 1,
    properties: {
      charpy23KJm2: [2.5, 3.8, 6],
      charpyMinus30KJm2: [1.8, 2.6, 4, 'estimate'],
      hdt045C: [75, 92, 120],
      hdt18C: [58, 66, 85],
      vicatC: [90, 118, 150],
      creepA: [0.05, 0.08, 0.13, 'estimate'],
      creepKPerK: [0.035, 0.045, 0.055, 'estimate'],
    },
    retention: [
      [-30, 1.25],
      [0, 1.12],
      [23, 1],
      [40, 0.85],
      [55, 0.58],
      [65, 0.4],
      [80, 0.3],
      [100, 0.22],
      [120, 0.14],
      [150, 0.04],
    ],
  },
  disputes: [
    {
      question: 'Is heat-treatable PLA worth the oven?',
      used: 'as printed, and baked where only the baked one passes',
      positions: [
        {
          school: 'baked',
          claim: 'It bears 90 °C and more.',
          reasoning:
            'Crystals hold it together above the glass transition; the part shrinks and may bend while they form.',
        },
        {
          school: 'as printed',
          claim: 'Treat it like PLA.',
          reasoning: 'Printed parts cool too fast to crystallise, and many are never baked.',
        },
      ],
    },
  ],
});
