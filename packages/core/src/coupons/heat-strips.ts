import { Quantity } from '../input/fields.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Numbers of sag strips. */
export class SagStripsInput extends CodedInput {
  @Quantity({ min: 20, max: 200, unit: 'mm', optional: true, doc: 'Free length of the strips; default 80.' })
  lengthMm = 80;
  @Quantity({ min: 4, max: 40, unit: 'mm', optional: true, doc: 'Width of the strips; default 10.' })
  widthMm = 10;
  @Quantity({
    min: 0.8,
    max: 12,
    unit: 'mm',
    optional: true,
    doc: 'Wall of the part: the strips are half, once and 1.6 times as thick; default 3.',
  })
  wallMm = 3;
}

/** Thicknesses of the strips over the part's own wall: thinner, as thick, thicker. */
const OF_THE_WALL = [0.5, 1, 1.6] as const;
/** Room between strips, and the block that holds them, mm. */
const APART_MM = 12;
const BLOCK_MM = 25;

/**
 * Three strips from one block, about as thick as the part's own wall, printed on their side: set on edge in the heat
 * they sag by their weight.
 */
export const sagStrips = coupon<SagStripsInput>({
  id: 'sag-strips',
  title: 'Strips that sag in the heat',
  measures: 'At which heat thin strips of it begin to hang: hung in an oven or left in a hot car.',
  solid: true,
  Input: SagStripsInput,
  make: ({ CrossSection }, { lengthMm, widthMm, wallMm }) => {
    const strips = OF_THE_WALL.map(times => times * wallMm);
    const high = strips.reduce((s, t) => s + t, 0) + APART_MM * (strips.length - 1);
    let whole = CrossSection.square([BLOCK_MM, high]);
    let y = 0;
    for (const thick of strips) {
      whole = whole.add(CrossSection.square([lengthMm + 1, thick]).translate([BLOCK_MM - 1, y]));
      y += thick + APART_MM;
    }
    return whole.extrude(widthMm);
  },
  code: ({ widthMm }) => ({ atMm: [2, 4], faceMm: widthMm, highMm: 8, longMm: BLOCK_MM - 4 }),
});
