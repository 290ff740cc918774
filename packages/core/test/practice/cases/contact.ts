import type { PracticeCase } from '../practice-case.js';

/** Contact. */
export const contact: readonly PracticeCase[] = [
  {
    name: 'cookie cutter, dry dough',
    printer: 'open-direct',
    asks: {
      lifeYears: 2,
      contact: { food: 'wet' },
      looks: { colour: 'light' },
      geometry: { xMm: 70, yMm: 70, zMm: 15, wallMm: 1.2 },
    },
    first: ['pla', 'petg', 'pp'],
    out: { 'pla-cf': 'contact', 'pla-metal': 'contact' },
    why: 'A polymer that is sold fit for food, with the caution; nothing filled.',
  },
  {
    name: 'hot wet food, ladle at 85 °C',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 1,
      heat: { setting: 'custom', partC: 85, hoursADay: 1 },
      contact: { food: 'wet' },
      geometry: { xMm: 80, yMm: 40, zMm: 20 },
    },
    first: ['pp', 'pp-light', 'copolyester-ht'],
    out: { 'pet-cf': 'contact', pla: 'heat', petg: 'heat' },
    why: 'PP is the food-box plastic; fibres never.',
  },
  {
    name: 'bracelet on skin',
    printer: 'cabinet',
    asks: {
      lifeYears: 2,
      contact: { skin: true },
      flex: { want: 'rubbery' },
      geometry: { xMm: 70, yMm: 60, zMm: 12, sharpCorners: 0 },
    },
    first: ['tpu-95a'],
    why: 'A strap is TPU.',
  },
  {
    name: 'handle held in the hand',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      contact: { skin: true },
      geometry: { xMm: 120, yMm: 30, zMm: 25 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 60, lengthMm: 60, widthMm: 25, heightMm: 20 }],
    },
    first: ['pla', 'petg', 'pla-tough'],
    out: { 'pla-cf': 'contact', 'petg-cf': 'contact', 'pa12-cf': 'contact', 'pa6-gf': 'contact' },
    why: 'No fibres against skin.',
  },
];
