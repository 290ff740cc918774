import fc from 'fast-check';
import { neededByCase, type BriefLoad } from '../src/brief/brief-load.js';
import type { Brief } from '../src/brief/brief.js';
import {
  consequences,
  electricals,
  finishes,
  flexWants,
  loadCases,
  loadKinds,
  purposes,
  waters,
  wears,
} from '../src/brief/choices.js';
import { parseBrief } from '../src/brief/parse-brief.js';
import { colours } from '../src/materials/colours.js';
import { plates } from '../src/materials/family.js';
import { infillPatterns } from '../src/models/infill-pattern.js';
import { exposures } from '../src/models/uv-dose.js';
import { parsePrinter, type Printer } from '../src/workshop/printer.js';

// Briefs and printers as somebody might write them, in all their corners.

const number = (min: number, max: number): fc.Arbitrary<number> => fc.double({ min, max, noNaN: true });

/** A load that has what its case needs. */
const load: fc.Arbitrary<object> = fc.constantFrom(...loadCases).chain(c =>
  fc.record({
    kind: fc.constantFrom(...loadKinds),
    case: fc.constant(c),
    acrossLayers: fc.boolean(),
    ...Object.fromEntries(neededByCase[c].map(field => [field, fieldValue(field)])),
    ...(c === 'snap-fit' ? { thicknessMm: number(0.5, 5) } : {}),
    ...(c === 'clamp' ? { stressMPa: number(0, 30) } : {}),
  }),
);
function fieldValue(field: keyof BriefLoad): fc.Arbitrary<number> {
  switch (field) {
    case 'forceN':
      return number(0, 2000);
    case 'stressMPa':
      return number(0, 60);
    case 'massKg':
      return number(0, 20);
    case 'decelerationG':
      return number(0, 100);
    case 'heightM':
      return number(0, 3);
    case 'undercutMm':
      return number(0, 5);
    default:
      return number(1, 200);
  }
}

/** A brief that a person might write, in all its corners. */
export const plainBrief: fc.Arbitrary<Record<string, unknown>> = fc.record({
  format: fc.constant('hornblende-brief'),
  version: fc.constant(1),
  name: fc.constant('Anything'),
  purpose: fc.constantFrom(...purposes),
  lifeYears: number(0.01, 50),
  ifItFails: fc.constantFrom(...consequences),
  geometry: fc.record({
    xMm: number(1, 500),
    yMm: number(1, 500),
    zMm: number(1, 500),
    wallMm: number(0.4, 20),
    solidFraction: fc.option(number(0.01, 1)),
    volumeCm3: fc.option(number(0.01, 5000)),
    sharpCorners: fc.nat(20),
  }),
  loads: fc.array(load, { maxLength: 3 }),
  heat: fc.oneof(
    fc.record({
      setting: fc.constantFrom('indoors', 'outdoors', 'closed-vehicle'),
      ambientMaxC: fc.option(number(0, 55)),
      climate: fc.option(fc.constantFrom('hill', 'desert')),
    }),
    fc.record({ setting: fc.constant('custom'), partC: number(-40, 350) }),
    fc.record({ setting: fc.constant('near-source'), sourceC: number(-40, 350) }),
  ),
  sun: fc.constantFrom(...exposures),
  water: fc.constantFrom(...waters),
  mustFloat: fc.boolean(),
  flex: fc.record({ want: fc.constantFrom(...flexWants) }),
  contact: fc.record({ food: fc.constantFrom('none', 'dry', 'wet'), skin: fc.boolean() }),
  wear: fc.constantFrom(...wears),
  electrical: fc.constantFrom(...electricals),
  print: fc.record({
    walls: fc.integer({ min: 0, max: 12 }),
    topLayers: fc.integer({ min: 0, max: 12 }),
    bottomLayers: fc.integer({ min: 0, max: 12 }),
    layerMm: number(0.05, 0.6),
    infill: number(0, 1),
    pattern: fc.constantFrom(...infillPatterns),
    bake: fc.constantFrom('never', 'if-needed'),
  }),
  safety: fc.option(number(1, 8)),
  deflectionLimitPct: fc.option(number(0.1, 30)),
  targetMassG: fc.option(number(0.1, 500)),
  looks: fc.record({
    colour: fc.constantFrom(...colours),
    clear: fc.boolean(),
    finish: fc.constantFrom(...finishes),
  }),
  toleranceMm: number(0.01, 5),
  maxMassG: fc.option(number(0.1, 1000)),
  maxCostEach: fc.option(number(0.1, 100)),
  quantity: fc.integer({ min: 1, max: 1000 }),
});
/** A printer, in all its corners. */
export const plainPrinter: fc.Arbitrary<Record<string, unknown>> = fc.record({
  format: fc.constant('hornblende-printer'),
  version: fc.constant(1),
  name: fc.constant('Whatever'),
  nozzleMaxC: number(0, 600),
  bedMaxC: number(0, 300),
  chamberC: number(-10, 250),
  drive: fc.constantFrom('direct', 'bowden'),
  nozzleMetal: fc.constantFrom('brass', 'hardened'),
  linerLimitC: fc.option(number(150, 400)),
  plates: fc.subarray([...plates]),
  dryerMaxC: fc.option(number(20, 250)),
  maxFlowMm3s: number(0.1, 200),
});
/** The same as it is read. */
export const brief: fc.Arbitrary<Brief> = plainBrief.map(parseBrief);
/** A printer, or none. */
export const printer: fc.Arbitrary<Printer | null> = fc.option(plainPrinter.map(parsePrinter));
