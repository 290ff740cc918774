import type { PracticeCase } from '../practice-case.js';

/** Chemicals. */
export const chemicals: readonly PracticeCase[] = [
  {
    name: 'petrol funnel',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      contact: { chemicals: ['petrol', 'oil'] },
      geometry: { xMm: 80, yMm: 80, zMm: 60, wallMm: 2 },
    },
    first: ['pa12', 'pa-copolymer', 'pa6', 'pa12-cf'],
    out: { abs: 'chemicals', asa: 'chemicals', pc: 'chemicals' },
    notFirst: ['petg', 'pla'],
    why: 'Petrol: nylon bears it for good, styrenics crack, PETG bears it for a while.',
  },
  {
    name: 'acid bottle rack',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 5,
      contact: { chemicals: ['strong-acid', 'alkali'] },
      geometry: { xMm: 90, yMm: 50, zMm: 40 },
    },
    first: ['pp', 'pp-light'],
    out: { pa6: 'chemicals', pla: 'chemicals' },
    why: 'PP bears chemicals of every kind.',
  },
  {
    name: 'alkaline cleaner holder',
    printer: 'cabinet',
    asks: { lifeYears: 3, contact: { chemicals: ['alkali'] }, geometry: { xMm: 70, yMm: 50, zMm: 40 } },
    first: ['abs', 'asa'],
    out: { pla: 'chemicals', pc: 'chemicals' },
    why: 'Alkali takes polyesters and PC apart; ABS does not mind.',
  },
  {
    name: 'weak acid and salt water in the garden',
    printer: 'open-direct',
    asks: {
      lifeYears: 3,
      water: 'rain',
      heat: { setting: 'outdoors' },
      contact: { chemicals: ['weak-acid', 'salt-water'] },
      geometry: { xMm: 60, yMm: 40, zMm: 20 },
    },
    first: ['petg'],
    why: 'PETG: water and mild chemicals.',
  },
];
