import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** Input of `trial.bend`. */
export class TrialBendInput {
  @Quantity({ min: 0, max: 500, unit: 'mm', doc: 'How far the middle was pressed down when it gave way.' })
  deflectionMm!: number;
  @Quantity({ min: 10, max: 1000, unit: 'mm', optional: true, doc: 'Between the supports; default 64.' })
  spanMm = 64;
  @Quantity({ min: 0.5, max: 50, unit: 'mm', optional: true, doc: 'Thickness of the bar; default 4.' })
  thicknessMm = 4;
}

/** Spans over which a bar that is pressed down may sag before the formula of small bends is off by a tenth. */
const SMALL_SHARE = 0.1;

/** Strain of the outer fibre of a bar on two supports, pressed in its middle, %: ISO 178, ε = 6·s·h/L². */
export function bendStrainPct({ deflectionMm, spanMm, thicknessMm }: TrialBendInput): number {
  return (600 * deflectionMm * thicknessMm) / spanMm ** 2;
}

/** `trial.bend`: how far a bar bends before it breaks. */
export const trialBendModel = model({
  id: 'trial.bend',
  title: 'How far a bar bends before it breaks',
  source: 'ISO 178: strain of the outer fibre in three-point bending, ε = 6·s·h/L²',
  validity: 'Two supports at least 16 thicknesses apart; large bends are strained less than it says.',
  Input: TrialBendInput,
  compute(i: TrialBendInput) {
    const strainPct = bendStrainPct(i);
    const warnings: string[] = [];
    if (i.deflectionMm > SMALL_SHARE * i.spanMm)
      warnings.push('Pressed down by more than a tenth of the span: the true strain is somewhat smaller.');
    if (i.spanMm < 16 * i.thicknessMm)
      warnings.push('ISO 178 asks for a span of 16 thicknesses: in a shorter one the bar shears as well.');
    return {
      result: { strainPct },
      warnings,
      steps: [
        step(
          'ε',
          '6·s·h/L²',
          `6 × ${sig(i.deflectionMm)} × ${sig(i.thicknessMm)}/${sig(i.spanMm)}²`,
          strainPct,
          '%',
        ),
      ],
    };
  },
});
