import { typical } from '../../materials/family.js';
import type { RecipeGround } from './recipe-line.js';

/** A small print to make first: a few grams that show what could go wrong. */
export interface SmallPrint {
  what: string;
  massG: number;
  /** What to look at, and what it says. */
  look: string;
}

/** Shares of plastic in a hollow box of two walls, and in a bar. */
const PLASTIC = { box: 0.3, bar: 0.5 };

/** Which small print tells most about this part: by what is likeliest to go wrong with it. */
export function smallPrint(ground: RecipeGround): SmallPrint {
  const { brief, family: f, warp, pSplit } = ground;
  const massG = (volumeCm3: number, share: number): number => volumeCm3 * share * typical(f, 'densityGcm3');
  if (f.flags.foaming)
    return {
      what: 'a square of one wall, 40 mm by 20 mm high',
      massG: massG(160 * 20 * 0.45e-3, 1),
      look: 'Measure its wall: it is to be as thick as the line. Change the flow until it is, then weigh it.',
    };
  if (brief.flex.shoreA !== null || f.flags.drive === 'direct')
    return {
      what: 'a pad of 30 × 30 × 6 mm, printed as the part',
      massG: massG(5.4, PLASTIC.bar),
      look: 'Press it with a durometer or a thumbnail beside a thing that is right. Softer: less infill, fewer walls.',
    };
  if (pSplit >= 0.1 || brief.loads.some(l => l.acrossLayers))
    return {
      what: 'a hollow box of 25 × 25 × 40 mm with two walls',
      massG: massG(25, PLASTIC.box / 2),
      look:
        'Break it by hand across its layers: a ragged break is good, a clean one along a layer wants a hotter ' +
        'nozzle, less fan or drier filament.',
    };
  if (warp.pLift >= 0.05)
    return {
      what: 'a bar of 100 × 10 × 10 mm from corner to corner of the plate',
      massG: massG(10, PLASTIC.bar),
      look:
        'Look under its ends while it stands, and lay it on a flat face when it is cold: a gap thicker than a ' +
        'sheet of paper wants warmer air, a brim or a cleaner plate.',
    };
  if (brief.toleranceMm < 0.25)
    return {
      what: 'a gauge of 40 × 20 × 5 mm with a 10 mm hole and a 10 mm pin',
      massG: massG(4, PLASTIC.bar),
      look: 'Measure length, hole and pin with a caliper: what they are off by goes into the drawing or the slicer.',
    };
  return {
    what: 'a cube of 20 mm',
    massG: massG(8, PLASTIC.bar),
    look:
      'Look at its first layer, its corners and its top: gaps want more flow or heat, strings less heat or ' +
      'drier filament.',
  };
}
