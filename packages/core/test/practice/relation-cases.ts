import type { Brief } from '../../src/brief/brief.js';
import type { School } from '../../src/brief/choices.js';
import type { Printer } from '../../src/workshop/printer.js';
import { brief, enclosedPrinter, openPrinter } from '../cases.js';

/**
 * What someone who prints for a living would say of a part: who may lead, who must pass, who must be out
 * and by which gate.
 */
export interface RelationCase {
  name: string;
  brief: Brief;
  printer: Printer | null;
  /** One of these leads. */
  leads?: string[];
  /** These are in the running. */
  passes?: string[];
  /** These are out, by this gate. */
  out?: [string, string][];
  /** In each pair the first ranks above the second. */
  above?: [string, string][];
  schools?: School[];
}

/** What must hold between filaments, part by part. */
export const relationCases: readonly RelationCase[] = [
  {
    name: 'a clip on a dashboard in summer',
    printer: enclosedPrinter,
    brief: brief({
      heat: { setting: 'closed-vehicle', ambientMaxC: 33 },
      sun: 'part',
      looks: { colour: 'black' },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 1, lengthMm: 30, widthMm: 12, heightMm: 5 }],
    }),
    out: [
      ['pla', 'heat'],
      ['pla-tough', 'heat'],
      ['petg', 'heat'],
      ['pvb', 'heat'],
      ['pla-silk', 'heat'],
    ],
    passes: ['asa', 'abs', 'pc-blend'],
    leads: ['asa', 'asa-cf', 'copolyester-ht', 'pc-blend', 'pet-cf', 'pa12-cf', 'pa6-cf'],
  },
  {
    name: 'a bracket in full sun for five years',
    printer: enclosedPrinter,
    brief: brief({
      heat: { setting: 'outdoors' },
      sun: 'full',
      water: 'rain',
      looks: { colour: 'light' },
      lifeYears: 5,
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 3, lengthMm: 50, widthMm: 20, heightMm: 8 }],
    }),
    leads: ['asa', 'asa-cf'],
    out: [
      ['abs', 'uv'],
      ['pp', 'uv'],
      ['hips', 'uv'],
    ],
    above: [
      ['asa', 'petg'],
      ['asa', 'abs'],
    ],
  },
  {
    name: 'a vase for a shelf',
    printer: openPrinter,
    brief: brief({ purpose: 'decorative', looks: { finish: 'fine' } }),
    leads: ['pla', 'pla-silk', 'pla-wood'],
    above: [
      ['pla', 'petg'],
      ['pla', 'tpu-64d'],
    ],
    out: [
      ['pc', 'printability.liner'],
      ['pa6-cf', 'printability.nozzle-metal'],
    ],
  },
  {
    name: 'a gasket of about 85 A',
    printer: enclosedPrinter,
    brief: brief({ flex: { want: 'rubbery', shoreA: [80, 90] }, water: 'humid' }),
    leads: ['tpu-85a'],
    out: [
      ['pla', 'flex'],
      ['pp', 'flex'],
      ['tpu-64d', 'flex'],
    ],
  },
  {
    name: 'the same gasket on a remote drive',
    printer: openPrinter,
    brief: brief({ flex: { want: 'rubbery', shoreA: [80, 90] } }),
    out: [
      ['tpu-85a', 'printability.drive'],
      ['tpu-60a', 'printability.drive'],
    ],
  },
  {
    name: 'a lid with a living hinge',
    printer: enclosedPrinter,
    brief: brief({ flex: { want: 'hinge' } }),
    leads: ['pp'],
    out: [
      ['pla', 'flex'],
      ['abs', 'flex'],
      ['pla-cf', 'flex'],
    ],
    schools: ['weighted', 'step-up'],
  },
  {
    name: 'a float',
    printer: enclosedPrinter,
    brief: brief({ mustFloat: true, water: 'immersed', purpose: 'functional' }),
    leads: ['pp', 'pp-light'],
    out: [
      ['pva', 'purpose'],
      ['pa6', 'water'],
    ],
    schools: ['weighted'],
  },
  {
    name: 'a funnel for petrol',
    printer: enclosedPrinter,
    brief: brief({ contact: { chemicals: ['petrol'] } }),
    out: [
      ['abs', 'chemicals'],
      ['asa', 'chemicals'],
      ['pc', 'chemicals'],
      ['hips', 'chemicals'],
    ],
    passes: ['pa12', 'pa6-cf'],
  },
  {
    name: 'a jig wiped with acetone',
    printer: enclosedPrinter,
    brief: brief({ contact: { chemicals: ['acetone'] } }),
    out: [
      ['abs', 'chemicals'],
      ['asa', 'chemicals'],
      ['pc', 'chemicals'],
      ['pla', 'chemicals'],
    ],
    passes: ['pp', 'pa12'],
  },
  {
    name: 'a window that is seen through',
    printer: enclosedPrinter,
    brief: brief({ looks: { clear: true, colour: 'clear' } }),
    out: [
      ['asa', 'clarity'],
      ['pp', 'clarity'],
      ['petg-cf', 'clarity'],
    ],
    passes: ['petg', 'pc'],
  },
  {
    name: 'a loaded arm beside a 120 °C stove',
    printer: { ...enclosedPrinter, chamber: 'heated', chamberC: 65, nozzleMaxC: 320, dryerMaxC: 110 },
    brief: brief({
      lifeYears: 1,
      heat: { setting: 'near-source', sourceC: 120, hoursADay: 2 },
      loads: [{ kind: 'short', case: 'cantilever', forceN: 8, lengthMm: 50, widthMm: 20, heightMm: 8 }],
    }),
    out: [
      ['pla', 'heat'],
      ['petg', 'heat'],
      ['abs', 'heat'],
      ['asa', 'heat'],
    ],
    leads: ['pa6-cf', 'pa6-gf', 'pet-cf', 'pa12-cf', 'pc'],
  },
  {
    name: 'a support to be dissolved',
    printer: enclosedPrinter,
    brief: brief({ purpose: 'dissolving-support' }),
    out: [
      ['pla', 'purpose'],
      ['hips', 'purpose'],
    ],
    leads: ['pva', 'bvoh'],
  },
  {
    name: 'a hook that holds 3 kg for years in a warm room',
    printer: enclosedPrinter,
    brief: brief({
      lifeYears: 5,
      heat: { setting: 'indoors', ambientMaxC: 34 },
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 30, lengthMm: 45, widthMm: 20, heightMm: 14 }],
    }),
    above: [
      ['petg', 'pla'],
      ['abs', 'pla'],
    ],
    passes: ['pc', 'abs'],
    schools: ['weighted', 'weakest-link'],
  },
  {
    name: 'a part that is knocked in hard frost',
    printer: enclosedPrinter,
    brief: brief({
      heat: { setting: 'outdoors', ambientMinC: -20, ambientMaxC: 25 },
      loads: [{ kind: 'impact', case: 'drop', massKg: 0.8, heightM: 1, widthMm: 20, heightMm: 15 }],
    }),
    out: [
      ['pla', 'impact'],
      ['pla-silk', 'impact'],
      ['pla-cf', 'impact'],
    ],
    above: [
      ['pc-blend', 'petg-cf'],
      ['pc-blend', 'pp-light'],
      ['abs', 'asa-cf'],
    ],
    passes: ['pc-blend', 'abs'],
    schools: ['weighted', 'weakest-link'],
  },
  {
    name: 'a gauge that must be true',
    printer: enclosedPrinter,
    brief: brief({ toleranceMm: 0.1, geometry: { xMm: 160, yMm: 40, zMm: 12 } }),
    above: [
      ['pla', 'abs'],
      ['pla', 'pa6'],
      ['pla-cf', 'pa12'],
      ['petg', 'pp'],
    ],
    leads: ['pla-cf', 'pla', 'petg-cf', 'pet-cf', 'pla-wood'],
    schools: ['weighted'],
  },
  {
    name: 'a cheap prototype',
    printer: openPrinter,
    brief: brief({ purpose: 'prototype', maxCostEach: 3 }),
    leads: ['pla', 'pla-silk', 'pla-tough', 'petg'],
    out: [
      ['peek', 'cost'],
      ['pei', 'cost'],
    ],
  },
  {
    name: 'a strut under water',
    printer: enclosedPrinter,
    brief: brief({
      water: 'immersed',
      loads: [{ kind: 'sustained', case: 'cantilever', forceN: 6, lengthMm: 60, widthMm: 20, heightMm: 10 }],
    }),
    out: [
      ['pa6', 'water'],
      ['pva', 'purpose'],
      ['bvoh', 'purpose'],
    ],
    above: [
      ['petg', 'pa-copolymer'],
      ['pa12-cf', 'pa6-cf'],
    ],
    schools: ['weighted'],
  },
  {
    name: 'anything on a classroom machine without a heated plate',
    printer: { ...openPrinter, bedMaxC: 0, nozzleMaxC: 230 },
    brief: brief(),
    leads: ['pla', 'pla-tough', 'pla-silk', 'pla-wood', 'pla-ht'],
    out: [
      ['abs', 'printability.bed'],
      ['asa', 'printability.bed'],
      ['pp', 'printability.bed'],
      ['pc', 'printability.nozzle'],
    ],
  },
];
