import type { PracticeCase } from '../practice-case.js';

/** Water. */
export const water: readonly PracticeCase[] = [
  {
    name: 'aquarium part, five years under water',
    printer: 'open-direct',
    asks: {
      lifeYears: 5,
      water: 'immersed',
      geometry: { xMm: 60, yMm: 40, zMm: 20 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 3, lengthMm: 30, widthMm: 20, heightMm: 6 }],
    },
    first: ['petg'],
    out: { pla: 'water', 'pla-tough': 'water' },
    why: 'PLA comes apart in warm water over years; PETG does not.',
  },
  {
    name: 'drinking-trough float',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 5,
      water: 'immersed',
      mustFloat: true,
      heat: { setting: 'outdoors', ambientMinC: 0 },
      geometry: { xMm: 90, yMm: 60, zMm: 30, wallMm: 2 },
    },
    first: ['pp', 'pp-light'],
    why: 'PP floats by itself and takes no water.',
  },
  {
    name: 'pump impeller housing in warm water',
    printer: 'cabinet',
    asks: {
      lifeYears: 3,
      water: 'immersed',
      heat: { setting: 'custom', partC: 60 },
      geometry: { xMm: 70, yMm: 70, zMm: 30 },
    },
    first: ['abs', 'asa', 'pp', 'pp-light'],
    out: { pla: 'water', petg: 'water' },
    why: 'Hot water takes polyesters apart; styrenics and PP have no ester to lose.',
  },
];
