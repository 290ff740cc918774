import type { Brief } from '../brief/brief.js';
import type { CriterionId, School } from '../brief/choices.js';
import type { Weather } from '../climate/weather.js';
import { bakedFamily } from '../materials/baked.js';
import type { Baked, Family } from '../materials/family.js';
import { asTried } from '../materials/tried.js';
import { families as libraryFamilies } from '../materials/library.js';
import { printEconomics } from '../print/economics.js';
import { partEconomicsInput } from '../print/part-economics.js';
import type { Printer } from '../workshop/printer.js';
import { assess } from './assess.js';
import { cautionsOf } from './cautions.js';
import { contextFor, contextOf, type Context } from './context.js';
import { criteriaOf, weightsOf } from './criteria.js';
import { ownLimitGates } from './gates/own-limits.js';
import { buildGate } from './gates/build.js';
import { costGate } from './gates/cost.js';
import { massGate } from './gates/mass.js';
import { GAMBLE, STANDINGS, isOfService, standingOf, type Gate } from './gate.js';
import { doubtOf, ratingOf } from './doubt.js';
import { printability } from './printability.js';
import type { Candidate, Status } from './candidate.js';
import { scoreIn } from './score.js';
import { serviceGates } from './service-gates.js';

/** `weather` is needed for briefs whose climate is their own. */
export interface RankOptions {
  printer?: Printer | null;
  families?: readonly Family[];
  school?: School;
  weather?: Weather | null;
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

/**
 * Judges one candidate: gates, criteria, score; no rank and no reasons yet. It is judged as printed; where it
 * gains by an oven, and only the baked one passes, as baked.
 */
export function judge(
  asked: Context,
  f: Family,
  weights: Record<CriterionId, number>,
  school: School,
): Candidate {
  const ctx = contextFor(asked, f);
  const printed = judgeAs(ctx, f, null, weights, school);
  if (!f.baked || printed.status === 'fits' || ctx.brief.print.bake === 'never') return printed;
  const baked = judgeAs(ctx, bakedFamily(f), f.baked, weights, school);
  return baked.standing < printed.standing ? baked : printed;
}

/**
 * Judges a family as it stands: as printed, or as an oven leaves it.
 * @param ctx the context in the family's own colour, see `contextFor`
 * @param baked what the oven did, where `f` is the baked family
 */
export function judgeAs(
  ctx: Context,
  f: Family,
  baked: Baked | null,
  weights: Record<CriterionId, number>,
  school: School,
): Candidate {
  const assessment = assess(ctx, f);
  const p = printability(ctx, f, baked !== null);
  const economicsInput = partEconomicsInput(ctx.brief, f, ctx.printer, p.success);
  const economics = asTried(printEconomics(economicsInput), f.tried);
  const criteria = criteriaOf(
    { ctx, assessment, baked, printability: p, economics, economicsInput },
    weights,
  );
  const gates = [
    ...serviceGates(ctx, assessment),
    massGate(ctx, economics),
    costGate(ctx, economics),
    buildGate(ctx),
    ...p.gates,
    ...ownLimitGates(ctx, criteria),
  ].filter(g => g !== null);
  const gamble = p.success < GAMBLE ? STANDINGS.doubtful : STANDINGS.fits;
  const standing = Math.max(gamble, ...gates.map(standingOf));
  const score = scoreIn(school, criteria);
  const doubt = doubtOf(
    gates.filter(g => isOfService(g.id)),
    p.success,
  );
  const {
    success,
    modelSuccess,
    record,
    difficulty,
    asks,
    factors,
    pLift,
    pSplit,
    bowInput,
    liftInput,
    adhesion,
    plateLift,
  } = p;
  return {
    material: f.key,
    name: f.name,
    family: f.grade?.family ?? f.key,
    baked: baked && { ovenC: baked.ovenC, hours: baked.hours, shrinkagePct: baked.shrinkagePct },
    rank: null,
    status: statusOf(gates, p.success),
    standing,
    score,
    doubt: doubt.value,
    doubtAbout: doubt.about,
    rating: ratingOf(score, doubt.value),
    pHolds: null,
    gates,
    criteria,
    for: [],
    against: [],
    cautions: cautionsOf(ctx, f, p, baked),
    partC: ctx.conditions.partMaxC,
    print: {
      massG: economics.massG,
      hours: economics.hours,
      costEach: economics.costEach,
      success: p.success,
    },
    printing: {
      success,
      modelSuccess,
      record,
      difficulty,
      asks,
      factors,
      pLift,
      pSplit,
      bowInput,
      liftInput,
      adhesion,
      plateLift,
      ...economics,
      economicsInput,
    },
  };
}

/** Out where it fails anything, marginal where it only just holds or is a gamble to print. */
function statusOf(gates: readonly Gate[], success: number): Status {
  if (gates.some(g => g.verdict === 'fail')) return 'out';
  const doubted = gates.some(g => g.verdict === 'marginal' && isOfService(g.id));
  return doubted || success < GAMBLE ? 'marginal' : 'fits';
}
