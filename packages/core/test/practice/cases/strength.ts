import type { PracticeCase } from '../practice-case.js';

/** Strength, layers, stiffness. */
export const strength: readonly PracticeCase[] = [
  {
    name: 'strong lever, 200 N, now and then',
    printer: 'open-direct',
    asks: {
      lifeYears: 5,
      geometry: { xMm: 120, yMm: 30, zMm: 20 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 200, lengthMm: 60, widthMm: 25, heightMm: 25 }],
    },
    first: ['pla', 'petg', 'pla-tough'],
    why: 'Short loads in a cool room are PLA’s strength.',
  },
  {
    name: 'drawn across its layers, 3 MPa',
    printer: 'open-direct',
    asks: {
      lifeYears: 3,
      geometry: { xMm: 30, yMm: 30, zMm: 60 },
      loads: [{ kind: 'short', case: 'tension', forceN: 400, widthMm: 15, heightMm: 15, acrossLayers: true }],
    },
    first: ['petg', 'pla', 'pla-tough'],
    why: 'Layers that weld well: PETG before PLA, either carries it.',
  },
  {
    name: 'drone arm, light and stiff',
    printer: 'cabinet',
    asks: {
      lifeYears: 2,
      maxMassG: 40,
      deflectionLimitPct: 2,
      geometry: { xMm: 160, yMm: 20, zMm: 10, volumeCm3: 26 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 140, widthMm: 20, heightMm: 10 }],
    },
    first: ['pla-cf', 'petg-cf', 'pa6-cf', 'pa12-cf', 'pet-cf'],
    out: { petg: 'stiffness' },
    why: 'Stiffness by weight is what fibres are for.',
  },
  {
    name: 'crank knob that is knocked in the cold',
    printer: 'cabinet',
    asks: {
      lifeYears: 8,
      heat: { setting: 'outdoors' },
      geometry: { xMm: 40, yMm: 40, zMm: 55, sharpCorners: 0 },
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.6, heightM: 1, widthMm: 15, heightMm: 12 }],
    },
    first: ['abs', 'asa', 'pc-blend', 'pc', 'copolyester-ht'],
    out: { pla: 'impact' },
    why: 'Hard knocks in the cold: PLA no, ABS and its like yes.',
  },
  {
    name: 'sledge runner knock at −20 °C, thin section',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      heat: { setting: 'outdoors', ambientMinC: -20, ambientMaxC: 25 },
      geometry: { xMm: 60, yMm: 40, zMm: 12 },
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.6, heightM: 1, widthMm: 20, heightMm: 8 }],
    },
    first: ['pc', 'pc-blend', 'abs'],
    out: { pla: 'impact', petg: 'impact' },
    why: 'Thin, cold and struck hard: PC and its blend, or ABS.',
  },
  {
    name: 'motor mount, a million small cycles',
    printer: 'cabinet',
    asks: {
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 50, hoursADay: 8 },
      geometry: { xMm: 60, yMm: 50, zMm: 20 },
      loads: [
        {
          kind: 'cyclic',
          case: 'cantilever',
          forceN: 12,
          lengthMm: 30,
          widthMm: 25,
          heightMm: 10,
          cycles: 1000000,
        },
      ],
    },
    first: ['abs', 'asa', 'petg', 'copolyester-ht', 'pc-blend'],
    notFirst: ['pla'],
    why: 'Warm and shaken: styrenics or PETG with room.',
  },
];
