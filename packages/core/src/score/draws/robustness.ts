import type { Brief } from '../../brief/brief.js';
import type { CriterionId, School } from '../../brief/choices.js';
import { families as libraryFamilies } from '../../materials/library.js';
import { contextOf } from '../context.js';
import { weightsOf } from '../criteria.js';
import type { RankOptions } from '../judge.js';
import { ratingOf } from '../doubt.js';
import { SPOOL_GROUPS } from './spool-groups.js';
import { leanCandidate, type LeanCandidate, type LeanVerdict } from './lean.js';
import { chance, dirichlet, triangular } from '../../lib/random.js';

/** Draws that a ranking is tried with when nothing else is said. */
export const DRAWS = 20_000;

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
 * range, each candidate's apart,
 * weights Dirichlet about the stated ones, and the whole ranking anew in each draw.
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
  const values = live.map(c => c.typicals.slice());
  const d = new Float64Array(ids.length);
  const weights = new Float64Array(ids.length);
  const drawWeights = dirichlet(
    source,
    ids.map(id => stated[id]),
    CONCENTRATION,
  );
  const score = new Float64Array(n);
  const tie = new Float64Array(n);
  const order = new Int32Array(n);
  const first = new Uint32Array(n);
  const fits = new Uint32Array(n);
  const at = new Uint32Array(n * n);
  const verdict: LeanVerdict = { running: false, standing: 0, doubt: 0, difficulty: 0, cost: 0 };
  const together = new Float64Array(SPOOL_GROUPS);
  const every = Math.max(1, Math.ceil(draws / 100));

  for (let k = 0; k < draws; k++) {
    if (k % every === 0) yield k;
    drawWeights(weights);
    let running = 0;
    for (let j = 0; j < n; j++) {
      const c = live[j]!;
      const v = values[j]!;
      for (let g = 0; g < SPOOL_GROUPS; g++) together[g] = source.uniform();
      for (const p of c.varies) {
        const u = p.group < 0 ? source.uniform() : together[p.group]!;
        v[p.slot] = triangular(u, p.low, p.typical, p.high);
      }
      c.judge(v, d, verdict);
      if (!verdict.running) continue;
      fits[j]!++;
      scoreDraw(school, verdict, weights, d, j, score, tie);
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
  const error = (p: number): number => (draws > 0 ? Math.sqrt((p * (1 - p)) / draws) : 0);
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
  verdict: LeanVerdict,
  weights: Float64Array,
  d: Float64Array,
  j: number,
  score: Float64Array,
  tie: Float64Array,
): void {
  if (school === 'step-up') {
    score[j] = -FITS_FIRST * verdict.standing - verdict.difficulty;
    tie[j] = -verdict.cost;
    return;
  }
  let sum = 0;
  let least = 1;
  for (let i = 0; i < d.length; i++) {
    sum += weights[i]! * d[i]!;
    if (d[i]! < least) least = d[i]!;
  }
  if (school === 'weighted') {
    score[j] = ratingOf(sum, verdict.doubt);
    tie[j] = -verdict.cost;
  } else {
    score[j] = ratingOf(least, verdict.doubt);
    tie[j] = sum;
  }
}
