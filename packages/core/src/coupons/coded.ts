import { Text } from '../input/fields.js';

/** Numbers of a coupon that can carry a code, and the code: what it is of, to tell it from its like. */
export class CodedInput {
  @Text({
    maxLength: 12,
    optional: true,
    allowEmpty: true,
    doc: 'A code engraved in it, such as the spool’s; default none.',
  })
  code = '';
}

/** Where a code is engraved: on a face that looks up, from its lower left corner, as high and as long as that. */
export interface CodePlace {
  atMm: readonly [number, number];
  faceMm: number;
  highMm: number;
  longMm: number;
}
