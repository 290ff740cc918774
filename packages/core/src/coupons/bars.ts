import { Quantity } from '../input/fields.js';
import { warpBarMm } from '../workshop/warp-bar.js';
import { CodedInput } from './coded.js';
import { coupon } from './coupon.js';

/** Numbers of a warp bar: a plain bar with sharp corners. */
export class WarpBarInput extends CodedInput {
  @Quantity({ min: 20, max: 500, unit: 'mm', optional: true, doc: 'Length; default 150.' })
  lengthMm = warpBarMm.length;
  @Quantity({ min: 5, max: 100, unit: 'mm', optional: true, doc: 'Width; default 15.' })
  widthMm = warpBarMm.width;
  @Quantity({ min: 2, max: 100, unit: 'mm', optional: true, doc: 'Height; default 6.' })
  heightMm = warpBarMm.height;
}

/** A bar whose ends lift where a machine warps. */
export const warpBar = coupon<WarpBarInput>({
  id: 'warp-bar',
  title: 'Bar to measure warp',
  measures: 'How far the ends of a long bar lift: the warp of a filament on this printer, for the warp lab.',
  Input: WarpBarInput,
  make: ({ Manifold }, { lengthMm, widthMm, heightMm }) => Manifold.cube([lengthMm, widthMm, heightMm]),
  code: ({ lengthMm, widthMm, heightMm }) => ({
    atMm: [lengthMm / 4, widthMm / 4],
    faceMm: heightMm,
    highMm: widthMm / 2,
    longMm: lengthMm / 3,
  }),
});

/** Numbers of a bar to be bent or broken, its layers along it. */
export class BreakBarInput extends CodedInput {
  @Quantity({ min: 40, max: 200, unit: 'mm', optional: true, doc: 'Length; default 100.' }) lengthMm = 100;
  @Quantity({ min: 4, max: 40, unit: 'mm', optional: true, doc: 'Width; default 10.' }) widthMm = 10;
  @Quantity({ min: 2, max: 20, unit: 'mm', optional: true, doc: 'Thickness; default 5.' }) thickMm = 5;
}

/** A bar to bend and break with its layers along it: lying, solid, one end in a vice. */
export const breakBar = coupon<BreakBarInput>({
  id: 'break-bar',
  title: 'Bar to break along its layers',
  measures:
    'How stiff and how strong the filament is along its layers, bent by a weight or broken with a spring scale.',
  solid: true,
  Input: BreakBarInput,
  make: ({ Manifold }, { lengthMm, widthMm, thickMm }) => Manifold.cube([lengthMm, widthMm, thickMm]),
  code: ({ widthMm, thickMm }) => ({
    atMm: [3, widthMm / 4],
    faceMm: thickMm,
    highMm: widthMm / 2,
    longMm: 24,
  }),
});

/** Numbers of a bar to be broken across its layers. */
export class UprightBarInput extends CodedInput {
  @Quantity({ min: 30, max: 150, unit: 'mm', optional: true, doc: 'Height over its foot; default 60.' })
  heightMm = 60;
  @Quantity({ min: 5, max: 30, unit: 'mm', optional: true, doc: 'Side of its square; default 10.' }) sideMm =
    10;
  @Quantity({ min: 1, max: 10, unit: 'mm', optional: true, doc: 'Thickness of its foot; default 4.' })
  footMm = 4;
}

/** How far the foot of an upright bar reaches to each side, mm. */
const FOOT_MM = 14;

/** A bar to break across its layers: standing, on a foot for the vice. */
export const uprightBar = coupon<UprightBarInput>({
  id: 'break-bar-upright',
  title: 'Bar to break across its layers',
  measures: 'How much of its strength is left between its layers: the weak way of every print.',
  solid: true,
  Input: UprightBarInput,
  make: ({ Manifold }, { heightMm, sideMm, footMm }) => {
    const foot = sideMm + 2 * FOOT_MM;
    return Manifold.cube([foot, foot, footMm]).add(
      Manifold.cube([sideMm, sideMm, heightMm + footMm]).translate([FOOT_MM, FOOT_MM, 0]),
    );
  },
  code: ({ sideMm, footMm }) => ({
    atMm: [2, 3],
    faceMm: footMm,
    highMm: FOOT_MM - 6,
    longMm: sideMm + 2 * FOOT_MM - 4,
  }),
});
