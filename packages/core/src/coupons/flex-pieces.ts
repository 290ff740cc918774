import { Quantity } from '../input/fields.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Numbers of a single-wall square. */
export class WallSquareInput {
  @Quantity({ min: 10, max: 100, unit: 'mm', optional: true, doc: 'Side; default 30.' }) sideMm = 30;
  @Quantity({ min: 5, max: 100, unit: 'mm', optional: true, doc: 'Height; default 20.' }) heightMm = 20;
  @Quantity({ min: 0.2, max: 4, unit: 'mm', optional: true, doc: 'Its wall, one line wide; default 0.8.' })
  wallMm = 0.8;
}

/** A square tube of one line: its wall is measured to set the flow of a foaming filament. */
export const wallSquare = coupon<WallSquareInput>({
  id: 'wall-square',
  title: 'Single-wall square',
  measures: 'How wide a single line really is: the flow of a filament, of one that foams above all.',
  Input: WallSquareInput,
  make: ({ Manifold }, { sideMm, heightMm, wallMm }) => {
    const inner = sideMm - 2 * wallMm;
    return Manifold.cube([sideMm, sideMm, heightMm]).subtract(
      Manifold.cube([inner, inner, 3 * heightMm]).translate([wallMm, wallMm, -heightMm]),
    );
  },
});

/** Numbers of a strip with a living hinge. */
export class HingeStripInput extends CodedInput {
  @Quantity({ min: 30, max: 150, unit: 'mm', optional: true, doc: 'Length; default 60.' }) lengthMm = 60;
  @Quantity({ min: 5, max: 60, unit: 'mm', optional: true, doc: 'Width; default 20.' }) widthMm = 20;
  @Quantity({ min: 1.2, max: 10, unit: 'mm', optional: true, doc: 'Thickness; default 3.' }) thickMm = 3;
  @Quantity({ min: 0.2, max: 1, unit: 'mm', optional: true, doc: 'Thickness of its hinge; default 0.6.' })
  webMm = 0.6;
  @Quantity({ min: 0.4, max: 8, unit: 'mm', optional: true, doc: 'Length of its hinge; default 1.5.' })
  gapMm = 1.5;
}

/** A strip with a thin line across it, to be folded until it breaks. */
export const hingeStrip = coupon<HingeStripInput>({
  id: 'hinge-strip',
  title: 'Strip with a living hinge',
  measures: 'How many folds a thin place in it bears before it breaks.',
  solid: true,
  Input: HingeStripInput,
  make: ({ Manifold }, { lengthMm, widthMm, thickMm, webMm, gapMm }) =>
    Manifold.cube([lengthMm, widthMm, thickMm]).subtract(
      Manifold.cube([gapMm, 3 * widthMm, thickMm]).translate([(lengthMm - gapMm) / 2, -widthMm, webMm]),
    ),
  code: ({ lengthMm, widthMm, thickMm }) => ({
    atMm: [3, widthMm * 0.3],
    faceMm: thickMm,
    highMm: widthMm * 0.35,
    longMm: lengthMm / 2 - 8,
  }),
});

/** Numbers of a snap finger. */
export class SnapFingerInput extends CodedInput {
  @Quantity({ min: 5, max: 60, unit: 'mm', optional: true, doc: 'Length of the finger; default 12.' })
  lengthMm = 12;
  @Quantity({ min: 0.8, max: 8, unit: 'mm', optional: true, doc: 'Thickness of the finger; default 2.' })
  thickMm = 2;
  @Quantity({ min: 0.3, max: 6, unit: 'mm', optional: true, doc: 'Undercut of its hook; default 1.2.' })
  undercutMm = 1.2;
  @Quantity({ min: 3, max: 40, unit: 'mm', optional: true, doc: 'Width; default 8.' }) widthMm = 8;
}

/** Block that holds the finger, mm. */
const BLOCK = { long: 24, high: 14 };

/** A finger with a hook on a block, lying on its side: bent until its hook clears, again and again. */
export const snapFinger = coupon<SnapFingerInput>({
  id: 'snap-finger',
  title: 'Snap finger',
  measures: 'How often a finger of it snaps over its catch, and whether it comes back straight.',
  solid: true,
  Input: SnapFingerInput,
  make: ({ CrossSection }, { lengthMm, thickMm, undercutMm, widthMm }) => {
    const root = BLOCK.long;
    const tip = root + lengthMm;
    const block = CrossSection.square([root, BLOCK.high]);
    const finger = CrossSection.ofPolygons([
      [
        [root - 1, 0],
        [tip + 2 * undercutMm, 0],
        [tip + 2 * undercutMm, thickMm * 0.5],
        [tip, thickMm + undercutMm],
        [tip, thickMm],
        [root - 1, thickMm],
      ],
    ]);
    return block.add(finger).extrude(widthMm);
  },
  code: ({ widthMm }) => ({ atMm: [2, 4], faceMm: widthMm, highMm: 6, longMm: BLOCK.long - 4 }),
});
