import { Choice, Quantity, Text } from '../input/fields.js';
import { plates, type Plate } from '../materials/family.js';

/** A plate or a film of one's own: what it is like, and how it holds beside a new one of that kind. */
export class OwnPlate {
  @Text({ maxLength: 60, doc: 'What it is called.' }) name!: string;
  @Choice(plates, { doc: 'The plate that it is like.' }) like!: Plate;
  @Quantity({
    min: 0.05,
    max: 5,
    optional: true,
    doc: 'How it holds beside a new one of that kind, 1 as well; default 1.',
  })
  hold = 1;
}
