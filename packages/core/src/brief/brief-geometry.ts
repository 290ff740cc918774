import { BOX_SHARE } from './defaults.js';
import { DEPTHS } from '../geometry/depth-grid.js';
import { FOOT_HEIGHTS_MM } from '../geometry/foot-fill.js';
import { Choices, ListOf, Quantity, Series, Text, Vector } from '../input/fields.js';
import { FilletPlace } from './shape-places.js';

/** Limits of a length of a part, mm. */
export const MM = { min: 0.1, max: 2000, unit: 'mm' };

/** What of the part's size and shape a file may have said. */
export const shapeFields = ['xMm', 'yMm', 'zMm', 'wallMm', 'volumeCm3', 'sharpCorners'] as const;
/** What of the part's size and shape a file may have said. */
export type ShapeField = (typeof shapeFields)[number];

/** The part's size and shape. */
export class BriefGeometry {
  @Quantity({ ...MM, optional: true, doc: 'Size along X as printed; default 60.' }) xMm = 60;
  @Quantity({ ...MM, optional: true, doc: 'Size along Y as printed; default 40.' }) yMm = 40;
  @Quantity({ ...MM, optional: true, doc: 'Height as printed; default 20.' }) zMm = 20;
  @Quantity({ min: 0.2, max: 200, unit: 'mm', optional: true, doc: 'Typical wall; default 3.' }) wallMm = 3;
  @Quantity({
    min: 0.001,
    max: 1e6,
    unit: 'cm³',
    optional: true,
    nullable: true,
    doc: `Volume of the model; default null: ${BOX_SHARE} of its bounding box.`,
  })
  volumeCm3: number | null = null;
  @Quantity({ min: 0, max: 1000, optional: true, doc: 'Sharp corners on the plate; default 4.' })
  sharpCorners = 4;
  @Quantity({
    min: 0,
    max: 100,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Least radius of the inner corners that a knock may meet; default null: not said.',
  })
  innerRadiusMm: number | null = null;
  @Quantity({
    min: 0.01,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Share of the volume that is plastic once sliced; default null: as walls and infill make it.',
  })
  solidFraction: number | null = null;
  @Text({
    maxLength: 200,
    optional: true,
    nullable: true,
    doc: 'Name of the file that the shape was taken from; default null.',
  })
  file: string | null = null;
  @Choices(shapeFields, {
    optional: true,
    doc: 'What was taken from that file and not said since; default none.',
  })
  fromFile: ShapeField[] = [];
  @Vector({
    length: 3,
    min: -1,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Which direction of the file points up as it is laid, [x, y, z] of length 1; default null: as in the file.',
  })
  up: [number, number, number] | null = null;
  @Quantity({
    min: 0,
    max: 1e6,
    unit: 'cm³',
    optional: true,
    nullable: true,
    doc: 'Room under what hangs over, which supports fill in part; default null: not known, taken as none.',
  })
  supportCm3: number | null = null;
  @Quantity({
    min: 0,
    max: 1000,
    unit: 'mm',
    optional: true,
    nullable: true,
    doc: 'Longest span that is bridged from wall to wall without support, as it is laid; default null: not known.',
  })
  bridgeMm: number | null = null;
  @Series({
    min: 0,
    max: 1,
    lengths: [DEPTHS],
    optional: true,
    nullable: true,
    doc:
      'Shares of the volume that lie deeper than so many mm from the outline of their layer and from open air above ' +
      'and below, as the file has it; default null. With them the plastic follows from walls and layers.',
  })
  deepShares: number[] | null = null;
  @Series({
    min: 0,
    max: 2,
    lengths: [FOOT_HEIGHTS_MM.length],
    optional: true,
    nullable: true,
    doc:
      'How full the shape is over its footprint up to 1, 2, 4, 8, 14 and 20 mm, as the file has it; default null: a ' +
      'block. An open box pulls less on its edge.',
  })
  footFill: number[] | null = null;
  @ListOf(() => FilletPlace, {
    max: 20,
    optional: true,
    doc: 'Radii that inner edges of the file are to get before it is printed; default none.',
  })
  fillets: FilletPlace[] = [];
}
