import type { PracticeCase } from '../practice-case.js';

/** Looks. */
export const looks: readonly PracticeCase[] = [
  {
    name: 'clear lamp cover, cool',
    printer: 'open-direct',
    asks: { looks: { clear: true }, lifeYears: 3, geometry: { xMm: 60, yMm: 60, zMm: 30, wallMm: 1.6 } },
    first: ['petg'],
    out: { pla: 'clarity', abs: 'clarity' },
    why: 'PETG is the easy clear filament.',
  },
  {
    name: 'clear guard at 90 °C',
    printer: 'warm-cabinet',
    asks: {
      looks: { clear: true },
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 90, hoursADay: 4 },
      geometry: { xMm: 60, yMm: 60, zMm: 10 },
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.2, heightM: 1, widthMm: 30, heightMm: 5 }],
    },
    first: ['pc'],
    out: { petg: 'heat', abs: 'clarity' },
    why: 'Clear, hot and struck: PC.',
  },
  {
    name: 'clear part at 75 °C on a closed cabinet',
    printer: 'cabinet',
    asks: {
      looks: { clear: true },
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 75, hoursADay: 8 },
      geometry: { xMm: 50, yMm: 40, zMm: 10 },
    },
    first: ['copolyester-ht', 'pc'],
    notFirst: ['petg'],
    why: 'PETG with 20 K more, clear: the hot copolyester.',
  },
  {
    name: 'matt flat dark panel, unloaded, indoors',
    printer: 'cabinet',
    asks: { looks: { colour: 'black', finish: 'fair' }, geometry: { xMm: 200, yMm: 120, zMm: 4 } },
    first: ['pla', 'pla-cf', 'pla-tough', 'petg', 'petg-cf'],
    why: 'A flat panel indoors: PLA, plain or filled.',
  },
];
