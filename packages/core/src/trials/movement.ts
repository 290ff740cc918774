import { mean, sampleStandardDeviation } from 'simple-statistics';
import { Choice, Quantity, Series } from '../input/fields.js';
import { InputError } from '../input/parse.js';
import { sig } from '../lib/figures.js';
import { t975 } from '../lib/student.js';
import { creepFactor } from '../models/creep-strain.js';
import { model, step } from '../models/model.js';

/** What bends the strip: a weight at its end, as heavy whatever the strip; or its own weight, which grows with it. */
export const movers = ['hung', 'own'] as const;

/** Input of `trial.movement`. */
export class TrialMovementInput {
  @Series({
    min: 1e-3,
    max: 1e6,
    lengths: { atMost: 200 },
    unit: 'h',
    doc: 'Hours until strips moved visibly.',
  })
  hours!: number[];
  @Quantity({ min: 0.1, max: 100, unit: 'mm', doc: 'Thickness of the strips.' }) thicknessMm!: number;
  @Quantity({ min: 0.1, max: 100, unit: 'mm', doc: 'Wall of the part that it is wanted for.' })
  wallMm!: number;
  @Choice(movers, { optional: true, doc: 'What bent the strips; default hung.' })
  mover: (typeof movers)[number] = 'hung';
  @Quantity({ min: 0.001, max: 10, doc: 'Findley amplitude A.' }) a!: number;
  @Quantity({ min: 0.01, max: 1, doc: 'Findley exponent n.' }) n!: number;
  @Quantity({ min: 0, max: 0.5, unit: '1/K', doc: 'Temperature factor k.' }) k!: number;
  @Quantity({ min: -60, max: 400, unit: '°C', doc: 'How warm the strips were.' }) stripC!: number;
  @Quantity({ min: -60, max: 400, unit: '°C', doc: 'How warm the part is.' }) partC!: number;
}

/** Result of `trial.movement`, hours for the part's own wall; a million hours stand for “never in its life”. */
export interface TrialMovementResult {
  hours: number;
  low: number;
  high: number;
}

/** The most hours that are told: more is longer than anything of plastic is asked to last. */
const MOST_HOURS = 1e6;
/** How single strips scatter where one alone was read, as a standard deviation of ln(hours); an estimate. */
const USUAL_LN_SD = 0.5;
/** How far the amplitude of one spool lies from the library's at most, as a factor; an estimate. */
const AMPLITUDE_FACTOR = 1.5;

/**
 * Hours to the first movement, brought from a strip's thickness to a part's wall. A strip bends by F·L³/(3·E·I)·growth
 * with growth = 1 + A·t^n·e^{k(T−23)} (`creep.strain`): it is seen to move at the same bend, so growth may be larger
 * by (wall/strip)³ before the part moves, and by its square where the own weight bends both.
 */
export function movementAtWall(i: TrialMovementInput): TrialMovementResult {
  const logs = i.hours.map(Math.log);
  const middle = mean(logs);
  const half =
    logs.length > 1
      ? (t975(logs.length - 1) * sampleStandardDeviation(logs)) / Math.sqrt(logs.length)
      : t975(1e6) * USUAL_LN_SD;
  const at = (lnHours: number, a: number): number => atWall(i, Math.exp(lnHours), a);
  const ends = [middle - half, middle + half].flatMap(ln =>
    [i.a / AMPLITUDE_FACTOR, i.a, i.a * AMPLITUDE_FACTOR].map(a => at(ln, a)),
  );
  return { hours: at(middle, i.a), low: Math.min(...ends), high: Math.max(...ends) };
}

/** Growth that a wall may reach before it has moved as far as the strip had. */
function growthAtWall(i: TrialMovementInput, hours: number, a: number): number {
  const power = i.mover === 'hung' ? 3 : 2;
  return creepFactor(a, i.n, i.k, i.stripC, hours) * (i.wallMm / i.thicknessMm) ** power;
}

function atWall(i: TrialMovementInput, hours: number, a: number): number {
  const growth = growthAtWall(i, hours, a) - 1;
  if (growth <= 0) return 0;
  return Math.min(MOST_HOURS, (growth / (a * Math.exp(i.k * (i.partC - 23)))) ** (1 / i.n));
}

/** `trial.movement`: hours to the first movement, for the part's own wall. */
export const trialMovementModel = model({
  id: 'trial.movement',
  title: 'Hours to the first movement, for the part’s own wall',
  source:
    'Findley power law (`creep.strain`) with the bending of a strip, which goes with its thickness cubed',
  validity:
    'Strips and part bend, and are of one filament; the hours of a wall twice as thick are a guess at best.',
  Input: TrialMovementInput,
  compute(i: TrialMovementInput) {
    if (!i.hours.length)
      throw new InputError([
        { field: 'hours', value: [], message: 'must hold the hours of one strip at least' },
      ]);
    const result = movementAtWall(i);
    const read = Math.exp(mean(i.hours.map(Math.log)));
    const warnings: string[] = [];
    if (i.hours.length < 2) warnings.push('One strip says little: its scatter is taken to be usual.');
    if (result.hours >= MOST_HOURS) warnings.push('More than a million hours: it does not move in its life.');
    return {
      result,
      warnings,
      steps: [
        step('t_s', 'geometric mean of the hours read', i.hours.map(h => sig(h)).join(', '), read, 'h'),
        step(
          'growth',
          `(1 + A·t_s^n·e^{k(T_s−23)})·(w/h)^${i.mover === 'hung' ? 3 : 2}`,
          `A ${sig(i.a)}, n ${sig(i.n)}, k ${sig(i.k)}, ${sig(i.stripC)} °C, ${sig(i.wallMm)}/${sig(i.thicknessMm)} mm`,
          growthAtWall(i, read, i.a),
          '',
        ),
        step(
          't_w',
          '((growth − 1)/(A·e^{k(T_p−23)}))^{1/n}',
          `${sig(i.partC)} °C; ${sig(result.low)} to ${sig(result.high)} h`,
          result.hours,
          'h',
        ),
      ],
    };
  },
});
