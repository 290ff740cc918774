import type { PracticeCase } from '../practice-case.js';

/** Vehicles. */
export const vehicles: readonly PracticeCase[] = [
  {
    name: 'clip on a car seat, shaded',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      heat: { setting: 'closed-vehicle' },
      sun: 'none',
      geometry: { xMm: 60, yMm: 30, zMm: 10 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 5, lengthMm: 30, widthMm: 15, heightMm: 5 }],
    },
    first: ['abs', 'asa', 'copolyester-ht'],
    out: { pla: 'heat' },
    why: 'A parked car: styrenics on the seat side.',
  },
  {
    name: 'dash mount in the south, black',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 5,
      sun: 'full',
      heat: { setting: 'closed-vehicle', ambientMaxC: 42 },
      looks: { colour: 'black' },
      geometry: { xMm: 70, yMm: 50, zMm: 30 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 3, lengthMm: 40, widthMm: 20, heightMm: 8 }],
    },
    first: ['pc', 'pc-blend', 'pa12-cf', 'pa6-cf', 'pet-cf'],
    out: { pla: 'heat', petg: 'heat', 'pla-tough': 'heat' },
    notFirst: ['abs'],
    why: 'On the dash in the south even styrenics sag under load: PC or filled nylon.',
  },
  {
    name: 'phone holder in a car, open machine only',
    printer: 'open-direct',
    asks: {
      lifeYears: 3,
      heat: { setting: 'closed-vehicle', ambientMaxC: 30 },
      geometry: { xMm: 70, yMm: 50, zMm: 12 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 3, lengthMm: 40, widthMm: 25, heightMm: 8 }],
    },
    first: ['petg', 'copolyester-ht', 'abs', 'asa'],
    out: { pla: 'heat' },
    why: 'PETG is on the edge in a car and PLA never; who can prints something warmer.',
  },
];
