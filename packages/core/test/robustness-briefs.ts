import type { Brief } from '../src/brief/brief.js';
import { fieldKey } from '../src/brief/on-shape.js';
import type { Printer } from '../src/workshop/printer.js';
import { brief, enclosedPrinter, openPrinter } from './cases.js';

/** A load that was worked out on the shape itself: tension across the layers decides for some, shear for none. */
function onShape(): Brief {
  const b = brief({
    heat: { setting: 'outdoors' },
    loads: [
      {
        ...{ kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 60, widthMm: 20, heightMm: 8 },
        held: [{ atMm: [0, 0, 4] }],
        acts: [{ atMm: [60, 0, 4], forceN: [0, 0, -8] }],
        field: { of: 'x', alongMPa: 2.6, betweenMPa: 1.9, deflectionTimesModulus: 900 },
      },
    ],
  });
  const [load] = b.loads;
  load!.field!.of = fieldKey(b, load!);
  return b;
}

/** Briefs of loads, heat, water, flexibility, looks and limits, each with the machine that is to print it. */
export const briefs: readonly [string, Brief, Printer | null][] = [
  [
    'outdoors, loaded, wet',
    brief({
      lifeYears: 6,
      sun: 'full',
      water: 'rain',
      heat: { setting: 'outdoors' },
      looks: { colour: 'dark' },
      loads: [
        { kind: 'sustained', case: 'cantilever', forceN: 6, lengthMm: 60, widthMm: 20, heightMm: 8 },
        {
          kind: 'cyclic',
          case: 'cantilever',
          forceN: 5,
          lengthMm: 50,
          widthMm: 20,
          heightMm: 8,
          cycles: 20000,
          acrossLayers: true,
        },
      ],
    }),
    enclosedPrinter,
  ],
  ['on the shape itself', onShape(), enclosedPrinter],
  [
    'knocks in the cold',
    brief({
      ifItFails: 'damages',
      heat: { setting: 'outdoors', ambientMinC: -20 },
      sun: 'part',
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.6, heightM: 1, widthMm: 22, heightMm: 20 }],
    }),
    enclosedPrinter,
  ],
  [
    'a snap clip in a car',
    brief({
      heat: { setting: 'closed-vehicle' },
      sun: 'part',
      loads: [{ kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 16, cycles: 500 }],
    }),
    null,
  ],
  [
    'a part on a printer with a record of its own',
    brief({ heat: { setting: 'indoors' } }),
    {
      ...openPrinter,
      record: { timed: 4, timeFactor: 1.3, prints: [{ family: 'petg', well: 3, failed: 2 }], plates: [] },
    },
  ],
  [
    'a floating gasket',
    brief({ water: 'immersed', mustFloat: true, flex: { want: 'rubbery', shoreA: [60, 95] } }),
    enclosedPrinter,
  ],
  [
    'a clamp under water, layers across, limits of its own',
    brief({
      water: 'immersed',
      deflectionLimitPct: 3,
      safety: 2.5,
      minMassG: 4,
      targetMassG: 20,
      contact: { skin: true, chemicals: ['oil'] },
      points: { heat: [3, 20] },
      weights: { heat: 3 },
      heat: { setting: 'custom', partC: 35 },
      loads: [
        { kind: 'sustained', case: 'clamp', stressMPa: 4 },
        {
          kind: 'short',
          case: 'snap-fit',
          thicknessMm: 1.5,
          undercutMm: 0.5,
          lengthMm: 14,
          acrossLayers: true,
        },
        {
          kind: 'impact',
          case: 'drop',
          massKg: 0.1,
          heightM: 0.5,
          widthMm: 20,
          heightMm: 8,
          acrossLayers: true,
        },
        { kind: 'short', case: 'cantilever', forceN: 5, lengthMm: 40, widthMm: 20, heightMm: 8 },
      ],
    }),
    enclosedPrinter,
  ],
  ['a hinge, step-up', brief({ flex: { want: 'hinge' }, school: 'step-up', water: 'humid' }), openPrinter],
  [
    'springy, cheap and light, weakest link, field',
    brief({
      flex: { want: 'springy' },
      school: 'weakest-link',
      sun: 'full',
      heat: { setting: 'outdoors' },
      outdoorSchool: 'field',
      maxCostEach: 4,
      maxMassG: 25,
      geometry: { volumeCm3: 40 },
    }),
    openPrinter,
  ],
  [
    'a buckling strut, clear',
    brief({
      looks: { clear: true, colour: 'clear' },
      loads: [
        {
          kind: 'sustained',
          case: 'compression',
          forceN: 40,
          lengthMm: 120,
          widthMm: 8,
          heightMm: 6,
          hours: 3000,
        },
      ],
    }),
    enclosedPrinter,
  ],
  [
    'a tray that is steamed',
    brief({ heat: { setting: 'indoors', steamCycles: 50, steamC: 121 }, water: 'humid' }),
    enclosedPrinter,
  ],
];
