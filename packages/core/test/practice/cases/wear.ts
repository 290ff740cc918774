import type { PracticeCase } from '../practice-case.js';

/** Wear. */
export const wear: readonly PracticeCase[] = [
  {
    name: 'gear in a hand tool',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      wear: 'gear',
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
    first: ['pa12', 'pa-easy', 'pa6'],
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
    first: ['pa12', 'pa-easy', 'pa6'],
    out: { pla: 'wear', petg: 'wear' },
    why: 'Nylon slides; PLA and PETG scuff.',
  },
  {
    name: 'gear with no dryer on an open machine',
    printer: 'large-open',
    asks: { lifeYears: 2, wear: 'gear', geometry: { xMm: 30, yMm: 30, zMm: 10, sharpCorners: 0 } },
    first: ['pa-easy', 'pa12', 'pa6'],
    out: { pla: 'wear' },
    why: 'Nylon fresh from its bag prints without a dryer, as a gamble that is said.',
  },
];
