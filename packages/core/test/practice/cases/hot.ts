import type { PracticeCase } from '../practice-case.js';

/** Warm and hot. */
export const hot: readonly PracticeCase[] = [
  {
    name: 'lamp part at 70 °C',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      heat: { setting: 'near-source', sourceC: 70 },
      geometry: { xMm: 60, yMm: 60, zMm: 20 },
    },
    first: ['abs', 'asa', 'copolyester-ht'],
    out: { pla: 'heat' },
    notFirst: ['petg'],
    why: 'Over PETG, under PC: the styrenics’ place, or a hot copolyester.',
  },
  {
    name: 'duct near a motor, 85 °C, loaded lightly',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 3,
      heat: { setting: 'near-source', sourceC: 85, hoursADay: 4 },
      geometry: { xMm: 70, yMm: 50, zMm: 30 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 20, heightMm: 6 }],
    },
    first: ['pc', 'pc-blend', 'pa12-cf', 'asa-cf'],
    out: { pla: 'heat', petg: 'heat' },
    why: 'Styrenics are at their edge there: PC or its blend in a warm cabinet.',
  },
  {
    name: 'bracket at 110 °C',
    printer: 'warm-cabinet',
    asks: {
      lifeYears: 2,
      heat: { setting: 'near-source', sourceC: 110, hoursADay: 4 },
      geometry: { xMm: 60, yMm: 40, zMm: 20 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 10, lengthMm: 40, widthMm: 20, heightMm: 8 }],
    },
    first: ['pc'],
    out: { abs: 'heat', asa: 'heat', petg: 'heat', pla: 'heat' },
    why: 'PC is what holds at 110 °C without exotic machines.',
  },
  {
    name: 'steam tray at 150 °C for years',
    printer: 'hot-works',
    asks: {
      lifeYears: 5,
      heat: { setting: 'near-source', sourceC: 150 },
      geometry: { xMm: 60, yMm: 40, zMm: 15 },
    },
    first: ['pei', 'peek', 'pps-cf', 'psu'],
    out: { pc: 'heat', 'pa6-cf': 'ageing', pa6: 'ageing' },
    why: 'Only the high-temperature plastics age slowly enough at 150 °C.',
  },
  {
    name: 'nylon at a steady 110 °C',
    printer: 'hot-works',
    asks: { lifeYears: 5, heat: { setting: 'custom', partC: 110 }, geometry: { xMm: 50, yMm: 30, zMm: 15 } },
    first: ['pc', 'pei', 'pps-cf'],
    out: { pa6: 'ageing', 'pa12-cf': 'ageing' },
    why: 'Nylon melts far above but goes brittle in months over 100 °C; PC stands it.',
  },
  {
    name: 'oven fitting at 180 °C',
    printer: 'hot-works',
    asks: {
      lifeYears: 1,
      heat: { setting: 'near-source', sourceC: 180, hoursADay: 2 },
      geometry: { xMm: 40, yMm: 30, zMm: 10 },
    },
    first: ['pei', 'peek', 'pps-cf'],
    out: { pc: 'heat', 'pa6-cf': 'ageing' },
    why: 'PEI to about 200 °C, PEEK beyond.',
  },
  {
    name: 'stiff hot bracket, 5 MPa at 90 °C for a season',
    printer: 'cabinet',
    asks: {
      lifeYears: 0.5,
      heat: { setting: 'near-source', sourceC: 90 },
      geometry: { xMm: 60, yMm: 40, zMm: 15 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 20, lengthMm: 40, widthMm: 20, heightMm: 10 }],
    },
    first: ['pa6-cf', 'pa12-cf', 'pa6-gf', 'pc'],
    out: { asa: 'heat', petg: 'heat', pla: 'heat' },
    why: 'Fibre-filled nylon carries load far above what unfilled plastics do.',
  },
  {
    name: 'nylon at 28 °C under 5 MPa is no heat question',
    printer: 'cabinet',
    asks: {
      lifeYears: 3,
      wear: 'sliding',
      loads: [{ kind: 'short', case: 'direct-stress', stressMPa: 5 }],
    },
    first: ['pa12', 'pa-copolymer', 'pa6'],
    notFirst: ['pla', 'petg'],
    why: 'A sliding part: nylon, and nothing about 28 °C keeps it out.',
  },
];
