import type { Brief } from '../src/brief/brief.js';
import type { Printer } from '../src/workshop/printer.js';
import { brief, enclosedPrinter, openPrinter } from './cases.js';

/** A bracket that holds something for long. */
const cantilever = {
  kind: 'sustained',
  case: 'cantilever',
  forceN: 12,
  lengthMm: 60,
  widthMm: 20,
  heightMm: 8,
};

/** Briefs that ask for what those of the draws do not. */
export const otherBriefs: readonly [string, Brief, Printer | null][] = [
  [
    'rubbing and mains',
    brief({
      wear: 'sliding',
      electrical: 'mains',
      loads: [{ kind: 'cyclic', case: 'direct-stress', stressMPa: 3 }],
    }),
    enclosedPrinter,
  ],
  [
    'in rain for years, with petrol',
    brief({
      lifeYears: 8,
      water: 'rain',
      sun: 'part',
      heat: { setting: 'outdoors' },
      contact: { chemicals: ['petrol', 'detergent'], hours: 0.5 },
    }),
    enclosedPrinter,
  ],
  [
    'children in the room, extracted',
    brief({ room: { who: 'children', fumes: 'limit' } }),
    { ...enclosedPrinter, ventilation: 'extracted' },
  ],
  [
    'floats in a trough',
    brief({ purpose: 'functional', water: 'immersed', mustFloat: true }),
    enclosedPrinter,
  ],
  [
    'damp air and a snap-fit',
    brief({
      water: 'humid',
      loads: [{ kind: 'cyclic', case: 'snap-fit', thicknessMm: 2, undercutMm: 1, lengthMm: 15, cycles: 500 }],
    }),
    null,
  ],
  [
    'smooth, painted and tight',
    brief({ seal: 'water', looks: { wishes: ['smoothable', 'paintable', 'sealed'], finish: 'fair' } }),
    enclosedPrinter,
  ],
  [
    'a bearing whose pressure and speed are known',
    brief({ wear: 'sliding', wearPressureMPa: 0.3, wearSpeedMs: 0.1, lifeYears: 2 }),
    enclosedPrinter,
  ],
  [
    'short wetting with what cracks plastics, under stress',
    brief({
      contact: { chemicals: ['brake-fluid', 'oil', 'alcohol'], hours: 0.3 },
      loads: [{ kind: 'sustained', case: 'direct-stress', stressMPa: 3 }],
    }),
    enclosedPrinter,
  ],
  [
    'a corner that is knocked across the layers',
    brief({
      geometry: { innerRadiusMm: 1, sharpCorners: 8 },
      loads: [
        {
          kind: 'impact',
          case: 'drop',
          massKg: 0.4,
          heightM: 1.2,
          widthMm: 20,
          heightMm: 5,
          acrossLayers: true,
        },
      ],
    }),
    openPrinter,
  ],
  [
    'two joints that are clamped in the warm',
    brief({
      heat: { setting: 'custom', partC: 55 },
      loads: [
        { kind: 'sustained', case: 'clamp', stressMPa: 6 },
        { kind: 'sustained', case: 'clamp', stressMPa: 12, hours: 200 },
      ],
    }),
    enclosedPrinter,
  ],
  [
    'wide lines and high layers from a usual nozzle',
    brief({ print: { lineMm: 0.85, layerMm: 0.36, walls: 2 }, loads: [cantilever] }),
    openPrinter,
  ],
  [
    'a large flat plate on an open printer',
    brief({ geometry: { xMm: 210, yMm: 180, zMm: 6 }, toleranceMm: 0.4, heat: { setting: 'outdoors' } }),
    openPrinter,
  ],
  [
    'a hinge that folds often, outdoors',
    brief({ flex: { want: 'hinge' }, sun: 'part', heat: { setting: 'outdoors' } }),
    enclosedPrinter,
  ],
  [
    'a fine decoration in the window',
    brief({ purpose: 'decorative', sun: 'part', looks: { finish: 'fine', colour: 'light' } }),
    openPrinter,
  ],
  [
    'a rubber foot of a hardness, for long',
    brief({ flex: { want: 'rubbery', shoreA: [80, 90] }, lifeYears: 10, loads: [cantilever] }),
    openPrinter,
  ],
  [
    'stressed hot and wet for years, the easiest first',
    brief({
      ...{ school: 'step-up', lifeYears: 6, water: 'immersed', ifItFails: 'damages' },
      heat: { setting: 'custom', partC: 60, hoursADay: 8 },
      loads: [{ ...cantilever, acrossLayers: true }],
    }),
    enclosedPrinter,
  ],
];
