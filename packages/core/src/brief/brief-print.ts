import { Choice, Choices, Quantity } from '../input/fields.js';
import { infillPatterns, type InfillPattern } from '../models/infill-pattern.js';
import { printAids, type PrintAid } from './print-aids.js';
import { bakeChoices, type BakeChoice } from './choices.js';

/** How the part is to be printed: what slicing makes of its sections. */
export class BriefPrint {
  @Quantity({ min: 0, max: 50, optional: true, doc: 'Walls (perimeters); default 3.' }) walls = 3;
  @Quantity({ min: 0.1, max: 2, unit: 'mm', optional: true, doc: 'Line width; default 0.45.' }) lineMm = 0.45;
  @Quantity({ min: 0, max: 500, optional: true, doc: 'Solid layers on top; default 4.' }) topLayers = 4;
  @Quantity({ min: 0, max: 500, optional: true, doc: 'Solid layers at the bottom; default 4.' })
  bottomLayers = 4;
  @Quantity({ min: 0.04, max: 1, unit: 'mm', optional: true, doc: 'Layer height; default 0.2.' }) layerMm =
    0.2;
  @Quantity({ min: 0, max: 1, optional: true, doc: 'Infill share of the inside; default 0.2.' }) infill = 0.2;
  @Choice(infillPatterns, { optional: true, doc: 'Infill pattern; default grid.' })
  pattern: InfillPattern = 'grid';
  @Choice(bakeChoices, {
    optional: true,
    doc: 'Whether it may be baked in an oven where only that makes a filament pass; default if-needed.',
  })
  bake: BakeChoice = 'if-needed';
  @Choices(printAids, {
    optional: true,
    doc: 'What is done so that it holds, and counts wherever the print does; default none.',
  })
  aids: PrintAid[] = [];
}
