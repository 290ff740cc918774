import type { Font } from 'opentype.js';
import { InputError } from '../input/parse.js';
import { breakBar, uprightBar, warpBar } from './bars.js';
import type { Coupon } from './coupon.js';
import { hingeStrip, snapFinger, wallSquare } from './flex-pieces.js';
import { gauge } from './gauge.js';
import { sagStrips } from './heat-strips.js';
import { housing } from './housing.js';
import { latch } from './latch.js';
import { levellingFoot } from './levelling-foot.js';
import { dropDisc, hardnessPlate, swatch, tag } from './plates.js';
import { bridges, overhangFan, stringingPosts } from './print-pieces.js';
import { maker, trianglesOf } from './solids.js';

/** Every kind of coupon. */
export const coupons: readonly Coupon[] = [
  warpBar,
  gauge,
  breakBar,
  uprightBar,
  snapFinger,
  hingeStrip,
  dropDisc,
  sagStrips,
  hardnessPlate,
  wallSquare,
  bridges,
  overhangFan,
  stringingPosts,
  swatch,
  tag,
  latch,
  levellingFoot,
  housing,
];

/**
 * Makes a coupon.
 * @param id its kind
 * @param plain its numbers, those that are not as usual
 * @param font what its code is engraved with; null leaves it plain
 * @returns nine coordinates a triangle, mm
 * @throws InputError
 */
export async function makeCoupon(
  id: string,
  plain: unknown = {},
  font: Font | null = null,
): Promise<Float32Array> {
  const kind = coupons.find(c => c.id === id);
  if (!kind)
    throw new InputError([
      { field: 'kind', value: id, message: `must be one of ${coupons.map(c => c.id).join(', ')}` },
    ]);
  const make = kind.of(plain);
  return trianglesOf(make(await maker(), font));
}
