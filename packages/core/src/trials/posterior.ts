import { mean, sampleStandardDeviation } from 'simple-statistics';
import { Quantity, Series } from '../input/fields.js';
import { posterior } from '../lib/posterior.js';
import { sig } from '../lib/figures.js';
import { model, step } from '../models/model.js';

/** Standard deviations that lie between the ends of a range that nine in ten spools fall into (2 × 1.645). */
const SDS_IN_A_RANGE = 3.29;
/** Longest list of readings of one filament. */
const MOST_READINGS = 1000;

/** Input of `trial.posterior`. */
export class TrialPosteriorInput {
  @Quantity({ min: -1e9, max: 1e9, doc: 'Low end of what the library has.' }) low!: number;
  @Quantity({ min: -1e9, max: 1e9, doc: 'What the library takes as typical.' }) typical!: number;
  @Quantity({ min: -1e9, max: 1e9, doc: 'High end of what the library has.' }) high!: number;
  @Series({ min: -1e9, max: 1e9, lengths: { atMost: MOST_READINGS }, doc: 'What was read of one filament.' })
  readings!: number[];
  @Quantity({
    min: 0,
    max: 1e9,
    optional: true,
    doc: 'Standard deviation of the instrument alone; default 0: no better known than by the readings.',
  })
  instrumentSd = 0;
}

/** Result of `trial.posterior`: what is believed of the property once it has been measured. */
export interface TrialPosteriorResult {
  mean: number;
  sd: number;
}

/**
 * What is believed of a property after readings: a normal about the library's typical value, updated by their mean.
 * The readings scatter at least as the instrument does; a single one scatters as the instrument alone.
 * @returns the library's belief itself where nothing was read, or where one reading has no known scatter
 */
export function trialPosterior(i: TrialPosteriorInput): TrialPosteriorResult {
  const prior = { mean: i.typical, sd: (i.high - i.low) / SDS_IN_A_RANGE };
  if (!i.readings.length) return prior;
  const at = mean(i.readings);
  const scatter =
    i.readings.length > 1 ? Math.max(sampleStandardDeviation(i.readings), i.instrumentSd) : i.instrumentSd;
  if (prior.sd === 0) return prior;
  if (scatter === 0) return i.readings.length > 1 || i.instrumentSd > 0 ? { mean: at, sd: 0 } : prior;
  const variance = scatter ** 2 / i.readings.length;
  return posterior([{ x: [1], y: at, weight: 1 / variance }], [prior])[0]!;
}

/** `trial.posterior`: the library's figure and one's own readings made into one. */
export const trialPosteriorModel = model({
  id: 'trial.posterior',
  title: 'A property once it has been measured',
  source: 'Normal prior, known variance (Gelman et al., Bayesian Data Analysis, 3rd ed., §2.5)',
  validity: 'Readings of one filament under like conditions; scatter about normal.',
  Input: TrialPosteriorInput,
  compute(i: TrialPosteriorInput) {
    const result = trialPosterior(i);
    const sd = (i.high - i.low) / SDS_IN_A_RANGE;
    const single = i.readings.length === 1 && i.instrumentSd === 0;
    return {
      result,
      warnings: single ? ['One reading of an instrument whose scatter is not known moves nothing.'] : [],
      steps: [
        step('sd₀', '(high − low)/3.29', `(${sig(i.high)} − ${sig(i.low)})/3.29`, sd, ''),
        step(
          'mean',
          '(typical/sd₀² + ȳ·n/s²)/(1/sd₀² + n/s²)',
          i.readings.length
            ? `${sig(i.typical)} and ${i.readings.map(r => sig(r)).join(', ')}`
            : 'no readings',
          result.mean,
          '',
        ),
        step('sd', '1/√(1/sd₀² + n/s²)', 's the larger of readings’ and instrument’s', result.sd, ''),
      ],
    };
  },
});
