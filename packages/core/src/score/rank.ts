import type { Brief, CriterionId, School } from '../brief/brief.js';
import type { Conditions } from '../brief/conditions.js';
import type { Weather } from '../climate/weather.js';
import type { Family } from '../materials/family.js';
import { typical } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import {
  printEconomics,
  type PrintEconomicsInput,
  type PrintEconomicsResult,
} from '../models/print-economics.js';
import type { Printer } from '../workshop/printer.js';
import { assess } from './assess.js';
import { cautionsOf } from './cautions.js';
import { contextOf, type Context } from './context.js';
import { criteriaOf, weightsOf, type Criterion } from './criteria.js';
import { explain } from './explain.js';
import type { Gate } from './gate.js';
import {
  buildGate,
  chemicalsGate,
  clarityGate,
  costGate,
  floatGate,
  massGate,
  purposeGate,
} from './gates-limits.js';
import {
  creepGate,
  flexGate,
  heatGate,
  impactGate,
  strengthGate,
  uvGate,
  waterGate,
} from './gates-service.js';
import { printability, type Printability } from './printability.js';

export type Status = 'fits' | 'marginal' | 'out';

/** One candidate of a ranking. */
export interface Candidate {
  /** The key of a family or a grade. */
  material: string;
  name: string;
  /** The family's key: that of the candidate itself unless it is a grade. */
  family: string;
  status: Status;
  /** 1 is the first choice; null when out. */
  rank: number | null;
  score: number;
  gates: Gate[];
  criteria: Criterion[];
  for: string[];
  against: string[];
  cautions: string[];
  printing: Pick<
    Printability,
    'success' | 'penalties' | 'factors' | 'pLift' | 'bowInput' | 'liftInput' | 'adhesion'
  > &
    PrintEconomicsResult & { economicsInput: PrintEconomicsInput };
}

/** `hornblende-ranking/1`. */
export interface Ranking {
  format: 'hornblende-ranking';
  version: 1;
  school: School;
  firstChoice: string | null;
  secondChoice: string | null;
  conditions: Conditions;
  weights: Record<CriterionId, number>;
  candidates: Candidate[];
}

/** `weather` is needed for briefs whose climate is their own. */
export interface RankOptions {
  printer?: Printer | null;
  families?: readonly Family[];
  school?: School;
  weather?: Weather | null;
}

/** Line width and layer height that times are estimated with, mm. */
const LINE = { lineMm: 0.45, layerMm: 0.2 };

/**
 * Ranks filament families for a brief. The brief must be valid (see `parseBrief`).
 * The same input gives the same order whatever the order of the families.
 * @returns every candidate; those in the running first, best first, then those that are out
 */
export function rank(brief: Brief, options: RankOptions = {}): Ranking {
  const { ctx, weights, school, candidates: judged } = judgeAll(brief, options);
  judged.sort(bySchool(school));
  let position = 0;
  for (const c of judged) c.rank = c.status === 'out' ? null : ++position;
  for (const c of judged) Object.assign(c, explain(ctx, c));
  const running = judged.filter(c => c.rank !== null);
  return {
    format: 'hornblende-ranking',
    version: 1,
    school,
    firstChoice: running[0]?.material ?? null,
    secondChoice: runnerUp(running)?.material ?? null,
    conditions: ctx.conditions,
    weights,
    candidates: judged,
  };
}

/** Judges every candidate, in the order given: gates, criteria and scores, but no ranks and no reasons yet. */
export function judgeAll(
  brief: Brief,
  options: RankOptions = {},
): { ctx: Context; weights: Record<CriterionId, number>; school: School; candidates: Candidate[] } {
  const ctx = contextOf(brief, options.printer ?? null, options.weather ?? null);
  const weights = weightsOf(ctx);
  const school = options.school ?? brief.school;
  return {
    ctx,
    weights,
    school,
    candidates: (options.families ?? libraryFamilies).map(f => judge(ctx, f, weights, school)),
  };
}

/** The second choice: the best that is not another spool of the first's own family; where there is no other family, the next grade. */
export function runnerUp(running: readonly Candidate[]): Candidate | null {
  return running.find((c, i) => i > 0 && c.family !== running[0]?.family) ?? running[1] ?? null;
}

/** Judges one candidate: gates, criteria, score; no rank and no reasons yet. */
export function judge(
  ctx: Context,
  f: Family,
  weights: Record<CriterionId, number>,
  school: School,
): Candidate {
  const a = assess(ctx, f);
  const p = printability(ctx, f);
  const economicsInput: PrintEconomicsInput = {
    volumeCm3: ctx.volumeCm3,
    solidFraction: ctx.brief.geometry.solidFraction,
    densityGcm3: typical(f, 'densityGcm3'),
    pricePerKg: typical(f, 'pricePerKg'),
    maxFlowMm3s: Math.min(typical(f, 'maxFlowMm3s'), ctx.printer?.maxFlowMm3s ?? Infinity),
    speedMmS: (f.windows.speedMmS.low + f.windows.speedMmS.high) / 2,
    ...LINE,
    heightMm: ctx.brief.geometry.zMm,
    machinePerHour: 0.5,
    labour: 1,
    success: Math.max(0.05, p.success),
  };
  const economics = printEconomics(economicsInput);
  const gates = [
    purposeGate(ctx, a),
    heatGate(ctx, a),
    strengthGate(ctx, a),
    creepGate(ctx, a),
    impactGate(ctx, a),
    uvGate(ctx, a),
    flexGate(ctx, a),
    waterGate(ctx, a),
    chemicalsGate(ctx, a),
    clarityGate(ctx, a),
    floatGate(ctx, a),
    massGate(ctx, economics),
    costGate(ctx, economics),
    buildGate(ctx),
    ...p.gates,
  ].filter(g => g !== null);
  const criteria = criteriaOf(ctx, a, p, economics, economicsInput, weights);
  const { success, penalties, factors, pLift, bowInput, liftInput, adhesion } = p;
  return {
    material: f.key,
    name: f.name,
    family: f.grade?.family ?? f.key,
    rank: null,
    status: gates.some(g => g.verdict === 'fail')
      ? 'out'
      : gates.some(g => g.verdict === 'marginal')
        ? 'marginal'
        : 'fits',
    score: scoreIn(school, criteria),
    gates,
    criteria,
    for: [],
    against: [],
    cautions: cautionsOf(ctx, f, p),
    printing: {
      success,
      penalties,
      factors,
      pLift,
      bowInput,
      liftInput,
      adhesion,
      ...economics,
      economicsInput,
    },
  };
}

/** The score of a candidate's criteria in a school; step-up ranks by demands and shows the mean. */
function scoreIn(school: School, criteria: readonly Criterion[]): number {
  return school === 'weakest-link' ? weakest(criteria) : weightedMean(criteria);
}

/** Judged candidates scored and ordered as another school would. */
export function inSchool(candidates: readonly Candidate[], school: School): Candidate[] {
  return candidates.map(c => ({ ...c, score: scoreIn(school, c.criteria) })).sort(bySchool(school));
}

/** Weighted arithmetic mean of the desirabilities, 0…1; 0 when nothing weighs anything. */
export function weightedMean(criteria: readonly Pick<Criterion, 'weight' | 'desirability'>[]): number {
  let [sum, weight] = [0, 0];
  for (const c of criteria) {
    sum += c.weight * c.desirability;
    weight += c.weight;
  }
  return weight > 0 ? sum / weight : 0;
}

/** Lowest desirability among the criteria that weigh anything. */
export function weakest(criteria: readonly Pick<Criterion, 'weight' | 'desirability'>[]): number {
  return criteria.reduce((m, c) => (c.weight > 0 ? Math.min(m, c.desirability) : m), 1);
}

/** The order of a school; those that are out come last, and ties are broken by key so that the order is always the same. */
export function bySchool(school: School): (a: Candidate, b: Candidate) => number {
  const inOut = (c: Candidate): number => (c.status === 'out' ? 1 : 0);
  return (a, b) => {
    const placed = inOut(a) - inOut(b);
    if (placed) return placed;
    const order =
      school === 'step-up'
        ? a.printing.penalties - b.printing.penalties || a.printing.costEach - b.printing.costEach
        : school === 'weakest-link'
          ? b.score - a.score || weightedMean(b.criteria) - weightedMean(a.criteria)
          : b.score - a.score;
    return order || (a.material < b.material ? -1 : 1);
  };
}
