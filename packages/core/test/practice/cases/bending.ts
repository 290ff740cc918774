import type { PracticeCase } from '../practice-case.js';

/** Bending. */
export const bending: readonly PracticeCase[] = [
  {
    name: 'gasket 80 to 90 A',
    printer: 'cabinet',
    asks: {
      flex: { want: 'rubbery', shoreA: [80, 90] },
      geometry: { xMm: 70, yMm: 70, zMm: 3, sharpCorners: 0 },
    },
    first: ['tpu-85a'],
    out: { 'tpu-foam': 'flex', 'tpu-60a': 'flex', pla: 'flex' },
    why: 'The hardness decides: 85 A, not a foam of 65.',
  },
  {
    name: 'bumper, any rubber',
    printer: 'cabinet',
    asks: {
      flex: { want: 'rubbery' },
      geometry: { xMm: 40, yMm: 40, zMm: 15, sharpCorners: 0 },
      loads: [{ kind: 'impact', case: 'drop', massKg: 2, heightM: 0.5, widthMm: 30, heightMm: 10 }],
    },
    first: ['tpu-95a'],
    why: 'TPU 95 A is the easiest rubber to feed.',
  },
  {
    name: 'tool grip on an open machine with a remote drive',
    printer: 'open-remote',
    asks: {
      flex: { want: 'rubbery', shoreA: [85, 100] },
      geometry: { xMm: 110, yMm: 35, zMm: 30, sharpCorners: 0 },
    },
    first: ['tpu-95a'],
    out: { 'tpu-85a': 'printability.drive' },
    why: 'A remote drive can push 95 A if it is slow, softer ones buckle.',
  },
  {
    name: 'very soft seal, 55 to 65 A',
    printer: 'cabinet',
    asks: {
      flex: { want: 'rubbery', shoreA: [55, 65] },
      geometry: { xMm: 50, yMm: 50, zMm: 4, sharpCorners: 0 },
    },
    first: ['tpu-60a', 'tpe'],
    out: { 'tpu-95a': 'flex' },
    why: 'Only the softest filament is that soft.',
  },
  {
    name: 'living hinge box',
    printer: 'warm-cabinet',
    asks: { flex: { want: 'hinge' }, geometry: { xMm: 80, yMm: 40, zMm: 6, wallMm: 2 } },
    first: ['pp', 'pa-copolymer', 'pa12'],
    out: { pla: 'flex', petg: 'flex' },
    why: 'PP is the living-hinge plastic.',
  },
  {
    name: 'snap latch opened every day',
    printer: 'cabinet',
    asks: {
      lifeYears: 5,
      flex: { want: 'springy' },
      geometry: { xMm: 40, yMm: 20, zMm: 12 },
      loads: [
        { kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1.6, lengthMm: 14, cycles: 5000 },
      ],
    },
    first: ['pa12', 'pa-copolymer', 'pa6', 'tpu-64d'],
    out: { pla: 'strength' },
    why: 'Daily snaps want nylon’s stretch; PLA breaks in a week.',
  },
  {
    name: 'snap-on battery cover, opened now and then',
    printer: 'open-direct',
    asks: {
      lifeYears: 5,
      geometry: { xMm: 60, yMm: 40, zMm: 10 },
      loads: [{ kind: 'short', case: 'snap-fit', thicknessMm: 1.5, undercutMm: 0.8, lengthMm: 10 }],
    },
    first: ['petg', 'pla-tough'],
    notFirst: ['pla'],
    why: 'A cover clip: PETG bends before it breaks.',
  },
  {
    name: 'spring clip printed upright',
    printer: 'cabinet',
    asks: {
      lifeYears: 3,
      flex: { want: 'springy' },
      geometry: { xMm: 20, yMm: 15, zMm: 40 },
      loads: [
        {
          kind: 'short',
          case: 'snap-fit',
          thicknessMm: 2,
          undercutMm: 1.5,
          lengthMm: 14,
          acrossLayers: true,
        },
      ],
    },
    first: ['pa-copolymer', 'pa12', 'pa6', 'copolyester-ht', 'petg'],
    out: { pla: 'strength' },
    why: 'Across the layers strain is what counts: layers that weld well and stretch.',
  },
];
