import { Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { chance, type Chance } from '../lib/random.js';
import { t975 } from '../lib/student.js';
import { model, step } from '../models/model.js';

/** Input of `trial.power`. */
export class TrialPowerInput {
  @Quantity({ min: 1e-9, max: 1e9, doc: 'Difference between two filaments that should be told.' })
  difference!: number;
  @Quantity({ min: 1e-9, max: 1e9, doc: 'Standard deviation of single readings, in the same unit.' })
  sd!: number;
  @Quantity({
    min: 2,
    max: 50,
    whole: true,
    optional: true,
    nullable: true,
    doc: 'Prints of each; default null: as many as tell it four times in five.',
  })
  replicates: number | null = null;
  @Quantity({ min: 100, max: 20_000, whole: true, optional: true, doc: 'Simulated trials; default 2000.' })
  runs = 2000;
  @Quantity({ min: 0, max: 1e9, whole: true, optional: true, doc: 'Seed of the chance; default 1.' }) seed =
    1;
}

/** Result of `trial.power`. */
export interface TrialPowerResult {
  /** Prints of each, as given or as many as are wanted. */
  replicates: number;
  /** Chance that they tell the difference, at 5 %. */
  power: number;
  /** Whether no number up to the most tells it four times in five. */
  outOfReach: boolean;
}

/** A plan is good enough that tells a difference four times in five. */
export const POWER_WANTED = 0.8;
/** Prints of each that anybody makes at the most. */
const MOST_REPLICATES = 30;

/** Chance that so many prints of each tell a difference, by simulation and Student's test of two means at 5 %. */
export function powerOf(
  { difference, sd, runs, seed }: Pick<TrialPowerInput, 'difference' | 'sd' | 'runs' | 'seed'>,
  replicates: number,
): number {
  const source = chance(seed);
  const limit = t975(2 * replicates - 2);
  let told = 0;
  for (let run = 0; run < runs; run++) {
    const a = drawn(source, replicates, 0, sd);
    const b = drawn(source, replicates, difference, sd);
    const error = Math.sqrt((a.variance + b.variance) / replicates);
    if (Math.abs(a.mean - b.mean) > limit * error) told++;
  }
  return told / runs;
}

function drawn(source: Chance, n: number, middle: number, sd: number): { mean: number; variance: number } {
  let sum = 0;
  let squares = 0;
  for (let k = 0; k < n; k++) {
    const x = source.normal() * sd;
    sum += x;
    squares += x * x;
  }
  const mean = sum / n;
  return { mean: middle + mean, variance: (squares - n * mean * mean) / (n - 1) };
}

/** How many prints of each a trial wants, or what those that are planned tell. */
export function trialPower(i: TrialPowerInput): TrialPowerResult {
  if (i.replicates !== null)
    return { replicates: i.replicates, power: powerOf(i, i.replicates), outOfReach: false };
  // More prints never tell less: the least that is enough, by halving.
  let low = 2;
  let high = MOST_REPLICATES;
  if (powerOf(i, high) < POWER_WANTED) return { replicates: high, power: powerOf(i, high), outOfReach: true };
  while (low < high) {
    const n = Math.floor((low + high) / 2);
    if (powerOf(i, n) >= POWER_WANTED) high = n;
    else low = n + 1;
  }
  return { replicates: low, power: powerOf(i, low), outOfReach: false };
}

/** `trial.power`: how many prints tell a difference. */
export const trialPowerModel = model({
  id: 'trial.power',
  title: 'How many prints tell a difference',
  source: 'Simulated trials, Student’s test of two means at 5 %; enough where it is told four times in five',
  validity: 'Readings that scatter normally and alike in both.',
  Input: TrialPowerInput,
  compute(i: TrialPowerInput) {
    const r = trialPower(i);
    return {
      result: r,
      warnings: r.outOfReach
        ? [`Not even ${MOST_REPLICATES} of each tell so small a difference: measure closer.`]
        : [],
      steps: [
        step('δ/s', 'difference/sd', `${sig(i.difference)}/${sig(i.sd)}`, i.difference / i.sd, ''),
        step('power', 'told/runs', `${r.replicates} of each, ${i.runs} trials`, r.power, ''),
      ],
    };
  },
});
