import { Quantity } from '../input/fields.js';
import { warpBarMm } from '../workshop/warp-bar.js';
import { coupon } from './coupon.js';
import type { Maker, Solid } from './solids.js';

/** Numbers of a warp bar: a plain bar with sharp corners. */
export class WarpBarInput {
  @Quantity({ min: 20, max: 500, unit: 'mm', optional: true, doc: 'Length; default 150.' })
  lengthMm = warpBarMm.length;
  @Quantity({ min: 5, max: 100, unit: 'mm', optional: true, doc: 'Width; default 15.' })
  widthMm = warpBarMm.width;
  @Quantity({ min: 2, max: 100, unit: 'mm', optional: true, doc: 'Height; default 6.' })
  heightMm = warpBarMm.height;
}

function make({ Manifold }: Maker, { lengthMm, widthMm, heightMm }: WarpBarInput): Solid {
  return Manifold.cube([lengthMm, widthMm, heightMm]);
}

/** A bar whose ends lift where a machine warps. */
export const warpBar = coupon({ id: 'warp-bar', title: 'Bar to measure warp', Input: WarpBarInput, make });
