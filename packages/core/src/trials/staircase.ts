import { Flag, ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** One fall of a staircase. */
export class StaircaseFall {
  @Quantity({ min: 0.01, max: 100, unit: 'm', doc: 'Height it fell from.' }) heightM!: number;
  @Flag({ doc: 'Whether it broke.' }) broke!: boolean;
}

/** Input of `trial.staircase`. */
export class TrialStaircaseInput {
  @ListOf(() => StaircaseFall, { max: 200, doc: 'The falls, in their order; a new piece for each.' })
  falls!: StaircaseFall[];
  @Quantity({ min: 0.01, max: 10, unit: 'm', doc: 'The step up or down between falls.' }) stepM!: number;
  @Quantity({ min: 0.01, max: 100, unit: 'm', optional: true, doc: 'First height; default 0.5.' }) startM =
    0.5;
}

/** Result of `trial.staircase`. */
export interface TrialStaircaseResult {
  /** Where the next one falls from. */
  nextM: number;
  /** Height that half of the pieces stand; null before one broke and one held. */
  medianM: number | null;
  /** Standard deviation of the heights that single pieces stand; null where the falls do not tell. */
  sdM: number | null;
  /** Standard error of the median. */
  errorM: number | null;
  broke: number;
  held: number;
}

/** Below this spread of the counts Dixon and Mood's deviation is not to be trusted. */
const LEAST_SPREAD = 0.3;

/**
 * Up after a piece held, down after it broke; the rarer outcome tells the median: h₀ + d·(A/N ± ½), + where the holds
 * are counted; s = 1.62·d·((N·B − A²)/N² + 0.029) (Dixon and Mood 1948, as in ISO 7765-1 and ASTM D5420).
 */
export function trialStaircase({ falls, stepM, startM }: TrialStaircaseInput): TrialStaircaseResult {
  const last = falls.at(-1);
  const nextM = last ? Math.max(stepM, last.heightM + (last.broke ? -stepM : stepM)) : startM;
  const broke = falls.filter(f => f.broke).length;
  const held = falls.length - broke;
  const none = { nextM: rounded(nextM), medianM: null, sdM: null, errorM: null, broke, held };
  if (!broke || !held) return none;
  const byBreaks = broke <= held;
  const counted = falls.filter(f => f.broke === byBreaks).map(f => f.heightM);
  const lowest = Math.min(...counted);
  const levels = counted.map(h => Math.round((h - lowest) / stepM));
  const N = counted.length;
  const A = levels.reduce((s, i) => s + i, 0);
  const B = levels.reduce((s, i) => s + i * i, 0);
  const spread = (N * B - A * A) / N ** 2;
  const sdM = spread > LEAST_SPREAD ? 1.62 * stepM * (spread + 0.029) : null;
  return {
    ...none,
    medianM: lowest + stepM * (A / N + (byBreaks ? -0.5 : 0.5)),
    sdM,
    errorM: (sdM ?? stepM) / Math.sqrt(N),
  };
}

/** To the millimetre: heights add up. */
function rounded(m: number): number {
  return Math.round(1000 * m) / 1000;
}

/** Falls from which on a median is worth something. */
const ENOUGH_FALLS = 10;

/** `trial.staircase`: falls from rising and falling heights. */
export const trialStaircaseModel = model({
  id: 'trial.staircase',
  title: 'Falls up and down a staircase',
  source: 'Up-and-down method of Dixon and Mood (1948), as in ISO 7765-1 and ASTM D5420',
  validity:
    'A new piece for each fall, steps of about one standard deviation, heights that scatter normally.',
  Input: TrialStaircaseInput,
  compute(i: TrialStaircaseInput) {
    const r = trialStaircase(i);
    const warnings: string[] = [];
    if (r.medianM === null) warnings.push('It takes one that held and one that broke.');
    else {
      if (i.falls.length < ENOUGH_FALLS)
        warnings.push(`Of fewer than ${ENOUGH_FALLS} falls the median is a hint.`);
      if (r.sdM === null)
        warnings.push('The falls lie too close for their scatter: the error takes the step for it.');
    }
    return {
      result: r,
      warnings,
      steps:
        r.medianM === null
          ? []
          : [
              step(
                'h₅₀',
                r.broke <= r.held ? 'h₀ + d·(A/N − ½)' : 'h₀ + d·(A/N + ½)',
                `${r.broke} broke, ${r.held} held, d = ${sig(i.stepM)}`,
                r.medianM,
                'm',
              ),
              ...(r.sdM === null
                ? []
                : [step('s', '1.62·d·((N·B − A²)/N² + 0.029)', `d = ${sig(i.stepM)}`, r.sdM, 'm')]),
              step('error', 's/√N', `N = ${Math.min(r.broke, r.held)}`, r.errorM!, 'm'),
            ],
    };
  },
});
