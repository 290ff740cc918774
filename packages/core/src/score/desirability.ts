import { Flag, Quantity } from '../input/fields.js';
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
  @Quantity({ min: -1e9, max: 1e9, doc: 'Where it becomes comfortable: desirability 1, and no more beyond.' })
  comfortable!: number;
  @Flag({ optional: true, doc: 'Whether ratios count rather than differences, as for cost; default false.' })
  log = false;
}

/**
 * Desirability 0…1 of a value: 1 − (1 − u)² with u = (x − unacceptable)/(comfortable − unacceptable), 0 at
 * u ≤ 0 and 1 from u = 1 on: enough is enough.
 */
export function desirability(value: number, unacceptable: number, comfortable: number): number {
  if (value === Infinity || value === -Infinity) return value > 0 === comfortable > unacceptable ? 1 : 0;
  const u = (value - unacceptable) / (comfortable - unacceptable);
  if (u <= 0) return 0;
  return u >= 1 ? 1 : u * (2 - u);
}

/** `score.desirability`: a physical quantity as a number from 0 to 1. */
export const scoreDesirability = model({
  id: 'score.desirability',
  title: 'Desirability of a margin',
  source:
    'After Derringer and Suich (1980): 1 − (1 − u)² between (unacceptable, 0) and (comfortable, 1); a ' +
    'surplus earns nothing',
  validity: 'Any quantity of which more, or less, is steadily better.',
  Input: ScoreDesirabilityInput,
  compute(i: ScoreDesirabilityInput) {
    if (i.comfortable === i.unacceptable)
      throw new InputError([
        { field: 'comfortable', value: i.comfortable, message: 'must differ from unacceptable' },
      ]);
    if (i.log && Math.min(i.value, i.unacceptable, i.comfortable) <= 0)
      throw new InputError([
        {
          field: 'log',
          value: true,
          message: 'asks for a value and points above zero: ratios of less mean nothing',
        },
      ]);
    const scale = (x: number): number => (i.log ? Math.log(x) : x);
    const u = (scale(i.value) - scale(i.unacceptable)) / (scale(i.comfortable) - scale(i.unacceptable));
    const d = desirability(u, 0, 1);
    return {
      result: { desirability: d },
      warnings: [],
      steps: [
        step(
          'u',
          i.log ? 'ln(x/x₀)/ln(x₁/x₀)' : '(x − x₀)/(x₁ − x₀)',
          i.log
            ? `ln(${sig(i.value)}/${sig(i.unacceptable)}) / ln(${sig(i.comfortable)}/${sig(i.unacceptable)})`
            : `(${sig(i.value)} − ${sig(i.unacceptable)}) / (${sig(i.comfortable)} − ${sig(i.unacceptable)})`,
          u,
          '',
        ),
        step('d', '0 if u ≤ 0, 1 if u ≥ 1, else 1 − (1 − u)²', curveText(u), d, ''),
      ],
    };
  },
});

/** Which branch of the curve a share lies on, with its numbers. */
function curveText(u: number): string {
  if (u <= 0) return 'u ≤ 0';
  return u >= 1 ? 'u ≥ 1' : `1 − (1 − ${sig(u)})²`;
}

/** The desirability of a value between two points, on their scale. */
export function desirabilityOn(
  value: number,
  { unacceptable, comfortable, log }: { unacceptable: number; comfortable: number; log?: true },
): number {
  return log
    ? desirability(Math.log(value), Math.log(unacceptable), Math.log(comfortable))
    : desirability(value, unacceptable, comfortable);
}
