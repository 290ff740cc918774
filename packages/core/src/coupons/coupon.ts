import type { InputClass } from '../input/instance-of.js';
import type { Font } from 'opentype.js';
import { parseInput } from '../input/parse.js';
import type { CodedInput, CodePlace } from './coded.js';
import { engraved } from './engraving.js';
import type { Maker, Solid } from './solids.js';

/** A shape made from a few numbers. */
export interface CouponKind<Input extends object = object> {
  id: string;
  title: string;
  /** What it tells when it is printed, in a sentence. */
  measures: string;
  /** Whether it is to be printed with all infill, because a load or a reading goes through it. */
  solid?: true;
  /** What its numbers are, and what they are when nothing is said. */
  Input: InputClass<Input>;
  /** Makes it, lying on the plate with a corner or its middle at the origin. */
  make: (make: Maker, input: Input) => Solid;
  /** Where its code goes, where it can carry one. */
  code?: (input: Input) => CodePlace;
}

/** A kind of coupon, whatever its numbers are, ready to be made from plain ones. */
export interface Coupon {
  id: string;
  title: string;
  /** What it tells when it is printed, in a sentence. */
  measures: string;
  solid: boolean;
  Input: InputClass;
  of: (plain: unknown) => (make: Maker, font: Font | null) => Solid;
}

/** A kind of coupon whose input is read by the same parser as every other. */
export function coupon<Input extends object>(kind: CouponKind<Input>): Coupon {
  return {
    id: kind.id,
    title: kind.title,
    measures: kind.measures,
    solid: kind.solid ?? false,
    Input: kind.Input,
    of: plain => {
      const input = parseInput(kind.Input, plain);
      return (make, font) => {
        const solid = kind.make(make, input);
        const { code } = input as Partial<CodedInput>;
        return kind.code && code && font ? engraved(make, solid, font, code, kind.code(input)) : solid;
      };
    },
  };
}
