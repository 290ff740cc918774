import { BOX_SHARE } from './defaults.js';
import { Quantity } from '../input/fields.js';

/** Limits of a length of a part, mm. */
export const MM = { min: 0.1, max: 2000, unit: 'mm' };

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
    min: 0.01,
    max: 1,
    optional: true,
    nullable: true,
    doc: 'Share of the volume that is plastic once sliced; default null: as walls and infill make it.',
  })
  solidFraction: number | null = null;
}
