import type { Brief } from '../src/brief/brief.js';
import type { Printer } from '../src/workshop/printer.js';
import { brief, enclosedPrinter } from './cases.js';

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
];
