import { mean, sampleStandardDeviation } from 'simple-statistics';
import { ListOf, OpenMap, Quantity, Text } from '../input/fields.js';
import { booleanEntry, numberEntry, numbersEntry, pairEntry } from '../input/open-map.js';
import { InputError } from '../input/parse.js';
import { sig } from '../lib/figures.js';
import { chance, type Chance } from '../lib/random.js';
import { t975 } from '../lib/student.js';
import { model, step } from '../models/model.js';
import { isLessBetter } from './directions.js';

/** What one filament read in a trial. */
export class TrialFilament {
  @Text({ maxLength: 80, doc: 'What it is called.' }) key!: string;
  @OpenMap(numbersEntry(200), { max: 40, doc: 'Readings by criterion.' }) readings!: Record<string, number[]>;
  @OpenMap(booleanEntry, {
    max: 40,
    optional: true,
    doc: 'What had to be passed, and whether it was; default nothing.',
  })
  passed: Record<string, boolean> = {};
}

/** Input of `trial.compare`. */
export class TrialCompareInput {
  @ListOf(() => TrialFilament, { max: 40, doc: 'The filaments that were tried.' })
  filaments!: TrialFilament[];
  @OpenMap(numberEntry(0, 100), {
    max: 40,
    optional: true,
    doc: 'Weight of each criterion; default 1 for each that was read.',
  })
  weights: Record<string, number> = {};
  @OpenMap(booleanEntry, {
    max: 40,
    optional: true,
    doc: 'Criteria of which less is better (true) or more (false); default as their names have it.',
  })
  lessIsBetter: Record<string, boolean> = {};
  @OpenMap(numberEntry(-1e9, 1e9), {
    max: 40,
    optional: true,
    doc: 'Values from which on more, or less, earns nothing in the weighted result; default none.',
  })
  enough: Record<string, number> = {};
  @OpenMap(pairEntry(-1e9, 1e9), {
    max: 40,
    optional: true,
    doc: 'Bands [low, high] of criteria of which neither more nor less is better: inside it all are as good.',
  })
  bands: Record<string, [number, number]> = {};
  @Quantity({ min: 100, max: 50_000, whole: true, optional: true, doc: 'Bootstrap samples; default 4000.' })
  samples = 4000;
  @Quantity({ min: 0, max: 1e9, whole: true, optional: true, doc: 'Seed of the chance; default 1.' }) seed =
    1;
}

/** Readings of one criterion of one filament, summed up. */
export interface TrialMean {
  n: number;
  mean: number;
  /** 95 % interval by Student's t; null of fewer than two readings. */
  low: number | null;
  high: number | null;
  sd: number | null;
}

/** One filament in the answer. */
export interface TrialPlace {
  key: string;
  rank: number | null;
  /** Weighted result, 0 to 1: 0 the worst of this trial in everything, 1 the best in everything. */
  score: number;
  means: Record<string, TrialMean>;
  /** Chance of being the best, by criterion. */
  pBestIn: Record<string, number>;
  /** Criteria that count and were not read of it: it stands in the middle there, and anywhere in the draws. */
  unread: string[];
  /** Gates that it did not pass. */
  failed: string[];
  /** Another filament that is no worse in anything and better in something; null where there is none. */
  dominatedBy: string | null;
}

/** Two that the readings do not tell apart, and how many more of each would. */
export interface TrialTie {
  criterion: string;
  a: string;
  b: string;
  moreEach: number;
}

/** Result of `trial.compare`. */
export interface TrialCompareResult {
  ranking: TrialPlace[];
  /** Chance of being the best by the weights, among those that passed their gates. */
  pBest: Record<string, number>;
  firstChoice: string | null;
  secondChoice: string | null;
  /** First and second, in what counts, where they are not told apart. */
  ties: TrialTie[];
}

/** Two with less than this share of the samples between them are not told apart. */
const TOLD_APART = 0.95;
/** Readings that a tie is asked for at the most. */
const MOST_MORE = 60;

/**
 * Compares filaments by what they read: means with intervals, chances of being the best by a bootstrap (Efron and
 * Tibshirani 1993), gates, and a weighted result in which each criterion runs from the worst to the best mean.
 */
export function trialCompare(i: TrialCompareInput): TrialCompareResult {
  const { filaments } = i;
  const criteria = [...new Set(filaments.flatMap(f => Object.keys(f.readings)))].filter(c =>
    filaments.some(f => f.readings[c]?.length),
  );
  const weights = weightsOf(i, criteria);
  const good = Object.fromEntries(criteria.map(c => [c, goodness(i, c)]));
  const standing = filaments.map(f => Object.values(f.passed).every(Boolean));
  const scale = scaleOf(i, criteria, good);
  const total = criteria.reduce((sum, c) => sum + weights[c]!, 0);
  /** @param unread where a criterion stands that was not read: in the middle, or anywhere by chance */
  const scoreOf = (means: readonly (number | null)[], unread = (): number => 0.5): number =>
    total > 0
      ? criteria.reduce((sum, name, c) => {
          const value = means[c] ?? null;
          return sum + weights[name]! * (value === null ? unread() : scale[c]!(value));
        }, 0) / total
      : 0;
  const means = filaments.map(f => criteria.map(c => (f.readings[c]?.length ? mean(f.readings[c]) : null)));
  const drawn = bootstrapped(i, criteria, { good, standing, scoreOf });
  const places = filaments.map((f, at): TrialPlace => ({
    key: f.key,
    rank: null,
    score: scoreOf(means[at]!),
    means: Object.fromEntries(
      criteria.flatMap(c => (f.readings[c]?.length ? [[c, summed(f.readings[c])]] : [])),
    ),
    pBestIn: Object.fromEntries(criteria.map((c, n) => [c, drawn.bestIn[n]![at]!])),
    unread: criteria.filter(c => weights[c]! > 0 && !f.readings[c]?.length),
    failed: Object.entries(f.passed).flatMap(([gate, passed]) => (passed ? [] : [gate])),
    dominatedBy: dominator(
      filaments,
      means,
      standing,
      at,
      criteria.map(c => good[c]!),
    ),
  }));
  const ranking = places.sort(
    (a, b) => Number(a.failed.length > 0) - Number(b.failed.length > 0) || b.score - a.score,
  );
  for (const [n, place] of ranking.entries()) if (!place.failed.length) place.rank = n + 1;
  const [first, second] = ranking.filter(p => p.rank !== null);
  return {
    ranking,
    pBest: Object.fromEntries(filaments.map((f, at) => [f.key, drawn.best[at]!])),
    firstChoice: first?.key ?? null,
    secondChoice: second?.key ?? null,
    ties:
      first && second
        ? tiesOf(
            first,
            second,
            criteria.filter(c => weights[c]! > 0),
          )
        : [],
  };
}

function weightsOf({ weights }: TrialCompareInput, criteria: readonly string[]): Record<string, number> {
  const said = criteria.some(c => weights[c] !== undefined);
  return Object.fromEntries(criteria.map(c => [c, said ? (weights[c] ?? 0) : 1]));
}

/** How good a value is: more of it is better, whichever way its criterion is meant. */
type Goodness = (value: number) => number;

/** How good a value of a criterion is: by more, by less, or by how far it lies outside its band. */
function goodness({ bands, lessIsBetter }: TrialCompareInput, criterion: string): Goodness {
  const band = bands[criterion];
  if (band) return value => -Math.max(band[0] - value, value - band[1], 0);
  const less = lessIsBetter[criterion] ?? isLessBetter(criterion);
  return value => (less ? -value : value);
}

/** A criterion's values from 0, the worst mean of the trial, to 1, the best: what is over enough is as good as that. */
function scaleOf(
  { filaments, enough }: TrialCompareInput,
  criteria: readonly string[],
  good: Record<string, Goodness>,
): ((value: number) => number)[] {
  return criteria.map(c => {
    const most = enough[c] === undefined ? Infinity : good[c]!(enough[c]);
    const upTo = (value: number): number => Math.min(most, good[c]!(value));
    const all = filaments.flatMap(f => (f.readings[c]?.length ? [upTo(mean(f.readings[c]))] : []));
    const low = Math.min(...all);
    const high = Math.max(...all);
    return value => (high === low ? 0.5 : (upTo(value) - low) / (high - low));
  });
}

function summed(readings: readonly number[]): TrialMean {
  const n = readings.length;
  const middle = mean([...readings]);
  if (n < 2) return { n, mean: middle, low: null, high: null, sd: null };
  const sd = sampleStandardDeviation([...readings]);
  const half = (t975(n - 1) * sd) / Math.sqrt(n);
  return { n, mean: middle, low: middle - half, high: middle + half, sd };
}

/** Shares of bootstrap samples in which each filament is the best: by the weights, and in each criterion. */
function bootstrapped(
  { filaments, samples, seed }: TrialCompareInput,
  criteria: readonly string[],
  by: {
    good: Record<string, Goodness>;
    standing: readonly boolean[];
    scoreOf: (means: readonly (number | null)[], unread: () => number) => number;
  },
): { best: number[]; bestIn: number[][] } {
  const source = chance(seed);
  const best = filaments.map(() => 0);
  const bestIn = criteria.map(() => filaments.map(() => 0));
  for (let s = 0; s < samples; s++) {
    const means = filaments.map(f => criteria.map(c => resampled(f.readings[c] ?? [], source)));
    share(
      best,
      means.map((m, at) => (by.standing[at] ? by.scoreOf(m, source.uniform) : null)),
      samples,
    );
    for (const [n, c] of criteria.entries()) {
      const values = means.map(m => (m[n] === null ? null : by.good[c]!(m[n]!)));
      share(bestIn[n]!, values, samples);
    }
  }
  return { best, bestIn };
}

/** The mean of as many readings drawn with replacement; null of none. */
function resampled(readings: readonly number[], source: Chance): number | null {
  const n = readings.length;
  if (!n) return null;
  let sum = 0;
  for (let k = 0; k < n; k++) sum += readings[Math.floor(source.uniform() * n)]!;
  return sum / n;
}

/** Gives one sample to the best; where several are the best alike they share it. */
function share(into: number[], values: readonly (number | null)[], samples: number): void {
  const known = values.filter(v => v !== null);
  if (!known.length) return;
  const top = Math.max(...known);
  const winners = values.flatMap((v, at) => (v === top ? [at] : []));
  for (const at of winners) into[at]! += 1 / (winners.length * samples);
}

/** One that stands, is no worse in any mean and better in one; null where there is none. */
function dominator(
  filaments: readonly TrialFilament[],
  means: readonly (readonly (number | null)[])[],
  standing: readonly boolean[],
  at: number,
  good: readonly Goodness[],
): string | null {
  const mine = means[at]!;
  for (const [other, f] of filaments.entries()) {
    if (other === at || !standing[other]) continue;
    const gains = means[other]!.map((m, c) =>
      m === null || mine[c] === null || mine[c] === undefined ? null : good[c]!(m) - good[c]!(mine[c]),
    );
    if (gains.every(g => g !== null && g >= 0) && gains.some(g => g! > 0)) return f.key;
  }
  return null;
}

/** Where first and second are not told apart in what counts, and how many more of each would tell. */
function tiesOf(first: TrialPlace, second: TrialPlace, criteria: readonly string[]): TrialTie[] {
  return criteria.flatMap(criterion => {
    const a = first.means[criterion];
    const b = second.means[criterion];
    // Single readings are facts, or too few to say anything of.
    if (!a || !b || Math.max(a.n, b.n) < 2) return [];
    const told = Math.max(first.pBestIn[criterion] ?? 0, second.pBestIn[criterion] ?? 0);
    const clear = a.low !== null && b.low !== null && (a.low > b.high! || b.low > a.high!);
    if (clear || (told >= TOLD_APART && a.n > 2 && b.n > 2)) return [];
    const sd = pooled(a, b);
    const difference = Math.abs(a.mean - b.mean);
    // Two means differ where their difference is 2.8 standard errors: 80 % power at 5 %, 2·(1.96 + 0.84)²·s²/δ².
    const each =
      difference > 0 && sd !== null ? Math.ceil((2 * 2.8 ** 2 * sd ** 2) / difference ** 2) : MOST_MORE;
    const more = Math.max(1, Math.min(MOST_MORE, each) - Math.min(a.n, b.n));
    return [{ criterion, a: first.key, b: second.key, moreEach: more }];
  });
}

function pooled(a: TrialMean, b: TrialMean): number | null {
  const parts = [a, b].flatMap(m => (m.sd === null ? [] : [{ variance: m.sd ** 2, dof: m.n - 1 }]));
  const dof = parts.reduce((s, p) => s + p.dof, 0);
  return dof > 0 ? Math.sqrt(parts.reduce((s, p) => s + p.variance * p.dof, 0) / dof) : null;
}

/** `trial.compare`: filaments by what they read. */
export const trialCompareModel = model({
  id: 'trial.compare',
  title: 'Filaments compared by a trial',
  source:
    'Means with Student’s t intervals; chance of being best by bootstrap (Efron and Tibshirani 1993); weighted ' +
    'result of criteria scaled from the worst to the best mean of the trial; gates before weights',
  validity: 'Printed alike but for the filament; three readings at least tell something of their scatter.',
  Input: TrialCompareInput,
  compute(i: TrialCompareInput) {
    if (new Set(i.filaments.map(f => f.key)).size < i.filaments.length)
      throw new InputError([{ field: 'filaments', value: null, message: 'must each have a key of its own' }]);
    const r = trialCompare(i);
    const single = r.ranking.some(p => Object.values(p.means).some(m => m.n === 1));
    return {
      result: r,
      warnings: single
        ? ['Single readings say nothing of their scatter: an interval wants two at least.']
        : [],
      steps: r.ranking.map(p =>
        step(
          p.key,
          'Σ w·u / Σ w',
          Object.entries(p.means)
            .map(
              ([c, m]) => `${c} ${sig(m.mean)}${m.low === null ? '' : ` (${sig(m.low)} to ${sig(m.high!)})`}`,
            )
            .join(', ') + (p.failed.length ? `; not passed: ${p.failed.join(', ')}` : ''),
          p.score,
          '',
        ),
      ),
    };
  },
});
