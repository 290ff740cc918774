import { Quantity } from '../input/fields.js';
import { model, step } from './model.js';
import { sig } from '../lib/figures.js';

/** Input of `flex.indentation`. */
export class FlexIndentationInput {
  @Quantity({ min: 0, max: 100, doc: 'Shore reading, A or D.' }) hardness!: number;
}

/** `flex.indentation`: how deep a durometer's needle goes. */
export const flexIndentation = model({
  id: 'flex.indentation',
  title: 'Depth of a durometer reading',
  source: 'ISO 868: 2.5 mm of travel from 0 to 100, either scale',
  validity: 'Readings from 20 to 90 of their scale.',
  Input: FlexIndentationInput,
  compute(i: FlexIndentationInput) {
    const depthMm = 2.5 * (1 - i.hardness / 100);
    return {
      result: { depthMm },
      warnings: i.hardness < 20 || i.hardness > 90 ? ['Outside 20 to 90 the other scale tells more.'] : [],
      steps: [step('d', '2.5·(1 − H/100)', `2.5 × (1 − ${sig(i.hardness)}/100)`, depthMm, 'mm')],
    };
  },
});
