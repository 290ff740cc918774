import type { ClassConstructor } from 'class-transformer';
import { parseInput } from '../input/parse.js';
import type { Maker, Solid } from './solids.js';

/** A shape made from a few numbers. */
export interface CouponKind<Input extends object = object> {
  id: string;
  title: string;
  /** What its numbers are, and what they are when nothing is said. */
  Input: ClassConstructor<Input>;
  /** Makes it, lying on the plate with a corner or its middle at the origin. */
  make: (make: Maker, input: Input) => Solid;
}

/** A kind of coupon whose input is read by the same parser as every other. */
export function coupon<Input extends object>(
  kind: CouponKind<Input>,
): CouponKind & { of: (plain: unknown) => (make: Maker) => Solid } {
  return {
    ...(kind as unknown as CouponKind),
    of: plain => {
      const input = parseInput(kind.Input, plain);
      return make => kind.make(make, input);
    },
  };
}
