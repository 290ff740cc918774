import type { PracticeCase } from '../practice-case.js';

/** Wear. */
export const wear: readonly PracticeCase[] = [
  {
    name: 'gear in a hand tool',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      wear: 'gear',
      wearPressureMPa: 4,
      wearSpeedMs: 0.5,
      geometry: { xMm: 40, yMm: 40, zMm: 12, sharpCorners: 0 },
      loads: [
        {
          kind: 'cyclic',
          case: 'cantilever',
          forceN: 15,
          lengthMm: 4,
          widthMm: 12,
          heightMm: 4,
          cycles: 100000,
        },
      ],
    },
    first: ['pa12', 'pa-copolymer', 'pa6'],
    out: { pla: 'wear', petg: 'wear', pc: 'wear', abs: 'wear' },
    why: 'Gears are nylon’s: tough, slick, and quiet against metal.',
  },
  {
    name: 'sliding bush in a shed',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      wear: 'sliding',
      toleranceMm: 0.3,
      geometry: { xMm: 30, yMm: 30, zMm: 20, sharpCorners: 0 },
    },
    first: ['pa12', 'pa-copolymer', 'pa6'],
    notFirst: ['pla', 'petg'],
    why: 'Nylon slides; PLA and PETG scuff.',
  },
  {
    name: 'gear with no dryer on an open machine',
    printer: 'large-open',
    asks: { lifeYears: 2, wear: 'gear', geometry: { xMm: 30, yMm: 30, zMm: 10, sharpCorners: 0 } },
    first: ['pla', 'pla-tough', 'petg', 'petg-cf'],
    notFirst: ['pa6', 'pa12', 'pa-copolymer'],
    why: 'A light, slow gear runs in PLA or PETG; undried nylon on a plain machine is a gamble of one in three.',
  },
];
