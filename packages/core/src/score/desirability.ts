import { Quantity } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { model, step } from '../models/model.js';
import { sig } from '../lib/figures.js';

/**
 * Input of `score.desirability`. The two points may run either way: comfortable below unacceptable means
 * less is better.
 */
export class ScoreDesirabilityInput {
  @Quantity({ min: -1e9, max: 1e9, doc: 'The margin or quantity being judged.' }) value!: number;
  @Quantity({ min: -1e9, max: 1e9, doc: 'Where it becomes unacceptable: desirability 0.' })
  unacceptable!: number;
  @Quantity({ min: -1e9, max: 1e9, doc: 'Where it becomes comfortable: desirability 0.8.' })
  comfortable!: number;
}

/** ln 5: the curve passes 0.8 = 1 − 1/5 at the comfortable point. */
const LN_5 = Math.log(5);

/**
 * Desirability 0…1 of a value: 1 − 5^(−u^1.5) with u = (x − unacceptable)/(comfortable − unacceptable); 0
 * at u ≤ 0, 0.8 at u = 1.
 */
export function desirability(value: number, unacceptable: number, comfortable: number): number {
  if (value === Infinity || value === -Infinity) return value > 0 === comfortable > unacceptable ? 1 : 0;
  const u = (value - unacceptable) / (comfortable - unacceptable);
  // u^1.5 as u·√u and 5^x as e^(x·ln 5): the same numbers, several times quicker, for a million draws.
  return u <= 0 ? 0 : 1 - Math.exp(-LN_5 * u * Math.sqrt(u));
}

/** `score.desirability`: a physical quantity as a number from 0 to 1. */
export const scoreDesirability = model({
  id: 'score.desirability',
  title: 'Desirability of a margin',
  source:
    'After Derringer and Suich (1980), as a smooth saturating curve through (unacceptable, 0) and (comfortable, 0.8)',
  validity: 'Any quantity of which more, or less, is steadily better.',
  Input: ScoreDesirabilityInput,
  compute(i: ScoreDesirabilityInput) {
    if (i.comfortable === i.unacceptable)
      throw new InputError([
        { field: 'comfortable', value: i.comfortable, message: 'must differ from unacceptable' },
      ]);
    const u = (i.value - i.unacceptable) / (i.comfortable - i.unacceptable);
    const d = desirability(i.value, i.unacceptable, i.comfortable);
    return {
      result: { desirability: d },
      warnings: [],
      steps: [
        step(
          'u',
          '(x − x₀)/(x₈ − x₀)',
          `(${sig(i.value)} − ${sig(i.unacceptable)}) / (${sig(i.comfortable)} − ${sig(i.unacceptable)})`,
          u,
          '',
        ),
        step('d', '0 if u ≤ 0, else 1 − 5^(−u^1.5)', u <= 0 ? 'u ≤ 0' : `1 − 5^(−${sig(u)}^1.5)`, d, ''),
      ],
    };
  },
});
