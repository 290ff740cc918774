import { shuffleInPlace } from 'simple-statistics';
import type { Brief } from '../../brief/brief.js';
import type { CriterionId, School } from '../../brief/choices.js';
import { families as libraryFamilies } from '../../materials/library.js';
import { contextOf } from '../context.js';
import { weightsOf } from '../criteria.js';
import type { RankOptions } from '../judge.js';
import { ratingOf } from '../doubt.js';
import { drawnSpools, type DrawnSpools } from './drawn-spools.js';
import { leanCandidate, type LeanCandidate } from './lean.js';
import { chance, dirichlet } from '../../lib/random.js';

/** Draws that a ranking is tried with when nothing else is said. */
export const DRAWS = 20_000;

/**
 * Spools of each candidate that are judged: all draws are combinations of these, in which each takes its turn equally
 * often. A spool's criteria do not depend on weights nor on other candidates, so that it is judged but once.
 */
const SPOOLS = 2_048;

/**
 * What so evenly drawn spools err beside as many independent ones, squared: at most half as much, as a test measures
 * over seeds.
 */
export const EVENNESS = 0.25;

/** How much of the work is judging spools, for showing progress. */
const JUDGING = 0.7;

/** How closely drawn weights keep to the stated ones: the sum of the Dirichlet shapes. */
export const CONCENTRATION = 20;

/** How a ranking is tried: as {@link RankOptions}, with how many draws from which seed. */
export interface RobustnessOptions extends RankOptions {
  draws?: number;
  seed?: number;
}

/** How one candidate fares over all draws. Shares from 0 to 1; `se` are their standard errors. */
export interface Acceptability {
  material: string;
  name: string;
  family: string;
  pFirst: number;
  pFits: number;
  seFirst: number;
  seFits: number;
  rankAcceptability: number[];
}

/** Result of `score.robustness`. */
export interface Robustness {
  draws: number;
  seed: number;
  school: School;
  candidates: Acceptability[];
}

/**
 * Stochastic multicriteria acceptability (Lahdelma and Salminen 2001): every property triangular over its
 * range, each candidate's apart, weights Dirichlet about the stated ones, and the whole ranking anew in each draw.
 * Spools are drawn as scrambled Sobol points and combined at chance: some two thousand of them tell as much as twenty
 * thousand independent ones.
 * @returns candidates by their chance of being first, then of passing, then by key; on the way, some
 * hundred times, how many draws are done,
 * so that a caller can show progress, let others have a turn, or stop
 */
export function* robustnessInSteps(
  brief: Brief,
  options: RobustnessOptions = {},
): Generator<number, Robustness> {
  const { draws = DRAWS, seed = 1 } = options;
  const ctx = contextOf(brief, options.printer ?? null, options.weather ?? null);
  const stated = weightsOf(ctx);
  const school = options.school ?? brief.school;
  const ids = (Object.keys(stated) as CriterionId[]).filter(id => stated[id] > 0);
  // By key, so that the same candidates in another order draw the same numbers.
  const families = [...(options.families ?? libraryFamilies)].sort((a, b) => (a.key < b.key ? -1 : 1));
  const lean = families.map(f => leanCandidate(ctx, f, stated, ids));
  const live = lean.filter(c => !c.alwaysOut);
  const source = chance(seed);
  const n = live.length;
  const spools = Math.min(draws, SPOOLS);
  const score = new Float64Array(n);
  const tie = new Float64Array(n);
  const order = new Int32Array(n);
  const first = new Uint32Array(n);
  const fits = new Uint32Array(n);
  const at = new Uint32Array(n * n);

  yield 0;
  const drawn: DrawnSpools[] = [];
  for (const c of live) {
    drawn.push(drawnSpools(c, source, spools, ids.length));
    yield Math.floor((draws * JUDGING * drawn.length) / n);
  }

  const weights = new Float64Array(ids.length);
  const drawWeights = dirichlet(
    source,
    ids.map(id => stated[id]),
    CONCENTRATION,
  );
  for (let k = 0; k < draws; k++) {
    const which = k % spools;
    if (which === 0) {
      yield Math.floor(draws * (JUDGING + ((1 - JUDGING) * k) / draws));
      for (const d of drawn) shuffleInPlace(d.turn, source.uniform);
    }
    drawWeights(weights);
    let running = 0;
    for (let j = 0; j < n; j++) {
      const spool = drawn[j]!;
      const i0 = spool.turn[which]!;
      if (!spool.running[i0]) continue;
      fits[j]!++;
      scoreDraw(school, spool, i0, weights, j, score, tie);
      // Insertion into the order so far: better score first, then the tie-breaker, then the key, which the
      // order of `live` is.
      let i = running++;
      while (i > 0) {
        const other = order[i - 1]!;
        if (score[other]! > score[j]! || (score[other] === score[j] && tie[other]! >= tie[j]!)) break;
        order[i] = other;
        i--;
      }
      order[i] = j;
    }
    for (let i = 0; i < running; i++) at[order[i]! * n + i]!++;
    if (running > 0) first[order[0]!]!++;
  }
  yield draws;

  const share = (count: number): number => (draws > 0 ? count / draws : 0);
  const error = (p: number): number =>
    draws > 0 ? Math.sqrt(p * (1 - p) * (1 / draws + EVENNESS / spools)) : 0;
  const place = new Map(live.map((c, j) => [c, j]));
  const candidates = lean.map((c: LeanCandidate): Acceptability => {
    const j = place.get(c);
    const [pFirst, pFits] = j === undefined ? [0, 0] : [share(first[j]!), share(fits[j]!)];
    return {
      material: c.family.key,
      name: c.family.name,
      family: c.candidate.family,
      pFirst,
      pFits,
      seFirst: error(pFirst),
      seFits: error(pFits),
      rankAcceptability: j === undefined ? [] : Array.from(at.subarray(j * n, (j + 1) * n), share),
    };
  });
  candidates.sort((a, b) => b.pFirst - a.pFirst || b.pFits - a.pFits || (a.material < b.material ? -1 : 1));
  return { draws, seed, school, candidates };
}

/** {@link robustnessInSteps} without a pause: some seconds for 20 000 draws. */
export function robustness(brief: Brief, options: RobustnessOptions = {}): Robustness {
  const steps = robustnessInSteps(brief, options);
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}

/** More than any difficulty, so that in step-up the standing decides before it. */
const FITS_FIRST = 1000;

/** A draw's score and tie-breaker; more is better for both. */
function scoreDraw(
  school: School,
  spools: DrawnSpools,
  i: number,
  weights: Float64Array,
  j: number,
  score: Float64Array,
  tie: Float64Array,
): void {
  if (school === 'step-up') {
    score[j] = -FITS_FIRST * spools.standing[i]! - spools.difficulty[i]!;
    tie[j] = -spools.cost[i]!;
    return;
  }
  const at = i * weights.length;
  let sum = 0;
  for (let c = 0; c < weights.length; c++) sum += weights[c]! * spools.d[at + c]!;
  if (school === 'weighted') {
    score[j] = ratingOf(sum, spools.doubt[i]!);
    tie[j] = -spools.cost[i]!;
  } else {
    score[j] = ratingOf(spools.least[i]!, spools.doubt[i]!);
    tie[j] = sum;
  }
}
