import type { PracticeCase } from '../practice-case.js';

/** Supports and others. */
export const others: readonly PracticeCase[] = [
  {
    name: 'support that washes away',
    printer: 'cabinet',
    asks: { purpose: 'dissolving-support' },
    first: ['pva', 'bvoh'],
    out: { pla: 'purpose', hips: 'purpose' },
    why: 'Only what dissolves in water.',
  },
  {
    name: 'light glider part, decorative shell',
    printer: 'open-direct',
    asks: { purpose: 'prototype', targetMassG: 12, geometry: { xMm: 90, yMm: 40, zMm: 20, wallMm: 1 } },
    first: ['pla', 'pla-foam', 'pp-light', 'pla-tough'],
    why: 'A mass to hit, nothing to bear.',
  },
  {
    name: 'ten thousand hours in a light load at 60 °C, open machine',
    printer: 'open-direct',
    asks: {
      lifeYears: 2,
      heat: { setting: 'near-source', sourceC: 60, hoursADay: 12 },
      geometry: { xMm: 40, yMm: 30, zMm: 15 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 2, lengthMm: 25, widthMm: 20, heightMm: 8 }],
    },
    first: ['abs', 'asa', 'copolyester-ht'],
    out: { pla: 'heat' },
    notFirst: ['pla', 'petg'],
    why: 'PETG under load at 60 °C for years sags.',
  },
  {
    name: 'heat-fast small fitting at 80 °C on a small open machine, an oven at hand',
    printer: 'open-remote',
    asks: {
      lifeYears: 2,
      toleranceMm: 1,
      heat: { setting: 'near-source', sourceC: 80, hoursADay: 2 },
      geometry: { xMm: 40, yMm: 30, zMm: 12 },
    },
    first: ['pla-ht', 'abs', 'asa', 'copolyester-ht'],
    out: { pla: 'heat', petg: 'heat' },
    why: 'On that machine only a baked PLA or a small styrenic part stands 80 °C.',
  },
];
