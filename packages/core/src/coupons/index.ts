// Shapes made from numbers: an entry of its own, for only what makes them needs the modelling library.
import { InputError } from '../input/parse.js';
import { gauge } from './gauge.js';
import { housing } from './housing.js';
import { latch } from './latch.js';
import { levellingFoot } from './levelling-foot.js';
import { warpBar } from './warp-bar.js';
import { maker, trianglesOf } from './solids.js';
import type { Maker, Solid } from './solids.js';
import type { CouponKind } from './coupon.js';

/** Every kind of coupon. */
export const coupons: readonly (CouponKind & { of: (plain: unknown) => (make: Maker) => Solid })[] = [
  latch,
  levellingFoot,
  housing,
  warpBar,
  gauge,
];

/**
 * Makes a coupon.
 * @param id its kind
 * @param plain its numbers, those that are not as usual
 * @returns nine coordinates a triangle, mm
 * @throws InputError
 */
export async function makeCoupon(id: string, plain: unknown = {}): Promise<Float32Array> {
  const kind = coupons.find(c => c.id === id);
  if (!kind)
    throw new InputError([
      { field: 'kind', value: id, message: `must be one of ${coupons.map(c => c.id).join(', ')}` },
    ]);
  const make = kind.of(plain);
  return trianglesOf(make(await maker()));
}

export * from './coupon.js';
export * from './solids.js';
export * from '../geometry/stl-out.js';
export * from '../geometry/three-mf-out.js';
