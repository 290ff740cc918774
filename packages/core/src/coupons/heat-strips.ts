import { Quantity } from '../input/fields.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Numbers of sag strips. */
export class SagStripsInput extends CodedInput {
  @Quantity({ min: 20, max: 200, unit: 'mm', optional: true, doc: 'Free length of the strips; default 80.' })
  lengthMm = 80;
  @Quantity({ min: 4, max: 40, unit: 'mm', optional: true, doc: 'Width of the strips; default 10.' })
  widthMm = 10;
}

/** Thicknesses of the strips, mm. */
export const SAG_STRIPS_MM = [1, 2, 5] as const;
/** Room between strips, and the block that holds them, mm. */
const APART_MM = 12;
const BLOCK_MM = 25;

/** Three strips of 1, 2 and 5 mm from one block, printed on their side: set on edge in the heat they sag by weight. */
export const sagStrips = coupon<SagStripsInput>({
  id: 'sag-strips',
  title: 'Strips that sag in the heat',
  Input: SagStripsInput,
  make: ({ CrossSection }, { lengthMm, widthMm }) => {
    const high = SAG_STRIPS_MM.reduce((s, t) => s + t, 0) + APART_MM * (SAG_STRIPS_MM.length - 1);
    let whole = CrossSection.square([BLOCK_MM, high]);
    let y = 0;
    for (const thick of SAG_STRIPS_MM) {
      whole = whole.add(CrossSection.square([lengthMm + 1, thick]).translate([BLOCK_MM - 1, y]));
      y += thick + APART_MM;
    }
    return whole.extrude(widthMm);
  },
  code: ({ widthMm }) => ({ atMm: [2, 4], faceMm: widthMm, highMm: 8, longMm: BLOCK_MM - 4 }),
});
