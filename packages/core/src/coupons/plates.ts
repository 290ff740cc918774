import { Quantity } from '../input/fields.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Facets of round parts. */
const ROUND = 96;

/** Numbers of a plate for a durometer. */
export class HardnessPlateInput extends CodedInput {
  @Quantity({ min: 36, max: 120, unit: 'mm', optional: true, doc: 'Side; default 45.' }) sideMm = 45;
  @Quantity({
    min: 1,
    max: 12,
    unit: 'mm',
    optional: true,
    doc: 'Thickness; default 6, as the standard asks.',
  })
  thickMm = 6;
}

/** A plate on which five places lie 12 mm from its edges and 9 mm apart, as thick as ISO 868 asks. */
export const hardnessPlate = coupon<HardnessPlateInput>({
  id: 'hardness-plate',
  title: 'Plate for a durometer',
  measures:
    'How hard it is: five places for a durometer, as far from the edge and from each other as the standard asks.',
  solid: true,
  Input: HardnessPlateInput,
  make: ({ Manifold }, { sideMm, thickMm }) => Manifold.cube([sideMm, sideMm, thickMm]),
  // In the rim, where no needle goes.
  code: ({ sideMm, thickMm }) => ({ atMm: [3, 3], faceMm: thickMm, highMm: 5, longMm: sideMm - 6 }),
});

/** Numbers of a disc to drop on. */
export class DropDiscInput extends CodedInput {
  @Quantity({ min: 20, max: 150, unit: 'mm', optional: true, doc: 'Width; default 60.' }) acrossMm = 60;
  @Quantity({ min: 1, max: 12, unit: 'mm', optional: true, doc: 'Thickness; default 3.' }) thickMm = 3;
}

/** A disc that lies on a ring while a weight falls on it from rising heights. */
export const dropDisc = coupon<DropDiscInput>({
  id: 'drop-disc',
  title: 'Disc for a falling weight',
  measures: 'From which height a falling weight breaks it: its toughness as printed.',
  solid: true,
  Input: DropDiscInput,
  make: ({ Manifold }, { acrossMm, thickMm }) => {
    const r = acrossMm / 2;
    return Manifold.cylinder(thickMm, r, r, ROUND).translate([r, r, 0]);
  },
  code: ({ acrossMm, thickMm }) => ({
    atMm: [acrossMm * 0.3, acrossMm * 0.12],
    faceMm: thickMm,
    highMm: acrossMm * 0.09,
    longMm: acrossMm * 0.4,
  }),
});

/** Numbers of a swatch. */
export class SwatchInput extends CodedInput {
  @Quantity({ min: 40, max: 120, unit: 'mm', optional: true, doc: 'Length; default 75.' }) lengthMm = 75;
  @Quantity({ min: 15, max: 60, unit: 'mm', optional: true, doc: 'Width; default 30.' }) widthMm = 30;
  @Quantity({ min: 0.4, max: 4, unit: 'mm', optional: true, doc: 'Height of its thin half; default 1.2.' })
  thinMm = 1.2;
  @Quantity({ min: 0.8, max: 8, unit: 'mm', optional: true, doc: 'Height of its thick half; default 2.4.' })
  thickMm = 2.4;
}

/** A piece of a spool to hang on a ring: its colour at two heights, its code, a hole. */
export const swatch = coupon<SwatchInput>({
  id: 'swatch',
  title: 'Swatch of a spool',
  measures: 'Its colour and its surface, thick and thin: one of every spool, on a ring.',
  Input: SwatchInput,
  make: ({ Manifold }, { lengthMm, widthMm, thinMm, thickMm }) =>
    Manifold.cube([lengthMm, widthMm, thinMm])
      .add(Manifold.cube([lengthMm * 0.65, widthMm, Math.max(thinMm, thickMm)]))
      .subtract(
        Manifold.cylinder(4 * thickMm, 2.5, 2.5, ROUND).translate([lengthMm - 7, widthMm / 2, -thickMm]),
      ),
  code: ({ lengthMm, widthMm, thinMm, thickMm }) => ({
    atMm: [4, widthMm * 0.3],
    faceMm: Math.max(thinMm, thickMm),
    highMm: widthMm * 0.4,
    longMm: lengthMm * 0.65 - 8,
  }),
});

/** Numbers of a tag. */
export class TagInput extends CodedInput {
  @Quantity({ min: 20, max: 120, unit: 'mm', optional: true, doc: 'Length; default 40.' }) lengthMm = 40;
  @Quantity({ min: 8, max: 60, unit: 'mm', optional: true, doc: 'Width; default 14.' }) widthMm = 14;
  @Quantity({ min: 0.8, max: 8, unit: 'mm', optional: true, doc: 'Height; default 2.' }) heightMm = 2;
}

/** A tag with a hole, to hang at a part in service: its code says which. */
export const tag = coupon<TagInput>({
  id: 'tag',
  title: 'Tag of a part in service',
  measures: 'Nothing: it hangs at a part in service and says which one it is.',
  Input: TagInput,
  make: ({ Manifold }, { lengthMm, widthMm, heightMm }) =>
    Manifold.cube([lengthMm, widthMm, heightMm]).subtract(
      Manifold.cylinder(4 * heightMm, 2, 2, ROUND).translate([lengthMm - 5, widthMm / 2, -heightMm]),
    ),
  code: ({ lengthMm, widthMm, heightMm }) => ({
    atMm: [3, widthMm * 0.25],
    faceMm: heightMm,
    highMm: widthMm * 0.5,
    longMm: lengthMm - 13,
  }),
});
