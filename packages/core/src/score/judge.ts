import type { Brief } from '../brief/brief.js';
import type { CriterionId, School } from '../brief/choices.js';
import type { Weather } from '../climate/weather.js';
import { type Family, typical } from '../materials/family.js';
import { families as libraryFamilies } from '../materials/library.js';
import { printEconomics, type PrintEconomicsInput } from '../print/economics.js';
import type { Printer } from '../workshop/printer.js';
import { assess } from './assess.js';
import { cautionsOf } from './cautions.js';
import { contextOf, type Context } from './context.js';
import { criteriaOf, weightsOf } from './criteria.js';
import { buildGate } from './gates/build.js';
import { chemicalsGate } from './gates/chemicals.js';
import { clarityGate } from './gates/clarity.js';
import { costGate } from './gates/cost.js';
import { floatGate } from './gates/float.js';
import { massGate } from './gates/mass.js';
import { purposeGate } from './gates/purpose.js';
import { creepGate } from './gates/creep.js';
import { flexGate } from './gates/flex.js';
import { heatGate } from './gates/heat.js';
import { impactGate } from './gates/impact.js';
import { strengthGate } from './gates/strength.js';
import { uvGate } from './gates/uv.js';
import { waterGate } from './gates/water.js';
import { printability } from './printability.js';
import type { Candidate } from './candidate.js';
import { scoreIn } from './school-order.js';

/** `weather` is needed for briefs whose climate is their own. */
export interface RankOptions {
  printer?: Printer | null;
  families?: readonly Family[];
  school?: School;
  weather?: Weather | null;
}

/** Line width and layer height that times are estimated with, mm. */
const LINE = { lineMm: 0.45, layerMm: 0.2 };

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
  const criteria = criteriaOf({ ctx, assessment: a, printability: p, economics, economicsInput }, weights);
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
