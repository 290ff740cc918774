import type { PracticeCase } from '../practice-case.js';

/** Machines that cannot. */
export const machines: readonly PracticeCase[] = [
  {
    name: 'small ABS-sort part on an open machine, 75 °C',
    printer: 'large-open',
    asks: {
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 75, hoursADay: 6 },
      geometry: { xMm: 25, yMm: 25, zMm: 20 },
    },
    first: ['abs', 'asa', 'copolyester-ht'],
    out: { pla: 'heat' },
    notFirst: ['petg'],
    why: 'A small part forgives an open machine.',
  },
  {
    name: 'large flat part at 75 °C on an open machine',
    printer: 'large-open',
    asks: {
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 75, hoursADay: 6 },
      geometry: { xMm: 250, yMm: 200, zMm: 25 },
    },
    notFirst: ['abs', 'pc', 'pla', 'petg'],
    out: { abs: 'printability.chamber', asa: 'printability.chamber' },
    first: ['copolyester-ht', 'asa-cf', 'pet-cf', 'pa6-cf', 'pa12-cf', 'pa6-gf'],
    why: 'Large ABS lifts in open air, whatever the heat asks.',
  },
  {
    name: 'classroom machine without a heated plate',
    printer: 'small-unheated',
    asks: { geometry: { xMm: 60, yMm: 40, zMm: 20 } },
    first: ['pla', 'pla-tough'],
    out: { abs: 'printability.bed', petg: 'printability.bed' },
    why: 'Nothing but PLA sticks to a cold plate.',
  },
];
