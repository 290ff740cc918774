import type { Brief, CriterionId } from '../../brief/brief.js';
import { extremeOf } from '../../materials/extreme.js';
import { typical, type Family } from '../../materials/family.js';
import { propertyNames, type PropertyName } from '../../materials/property.js';
import { uvColourFactor } from '../../models/colours.js';
import { printEconomics } from '../../models/print-economics.js';
import { desirability } from '../../models/score-desirability.js';
import { cornerFactor, liftChance, releasedPerMm, warpBowOf } from '../../models/warp.js';
import type { Context } from '../context.js';
import { expectedDeviationMm } from '../criteria.js';
import type { GateId } from '../gate.js';
import { CREEP_LIMIT_PCT, FLOPPY_MPA, RIGID_MPA, waterLimits } from '../gates-service.js';
import { FLOATS, FLOATS_HOLLOW } from '../gates-limits.js';
import { LIFT_SHARE, storedModulusMPa } from '../printability.js';
import { judge, type Candidate } from '../rank.js';
import { leanLoads } from './lean-loads.js';
import { slot } from './slots.js';
import { tabulated } from './table.js';

/** What one draw makes of a candidate. */
export interface LeanVerdict {
  running: boolean;
  penalties: number;
  cost: number;
}

/**
 * A candidate made ready for a million draws: what does not depend on its properties is worked out once, integrals are tabulated,
 * and no sentence is written. Judges as `rank` does, within the tables' rounding; a test holds them together.
 */
export interface LeanCandidate {
  candidate: Candidate;
  family: Family;
  /** Properties that its score or its gates rest on, and that have a range. */
  varies: { name: PropertyName; slot: number; low: number; typical: number; high: number }[];
  /** Every property at its typical value. */
  typicals: Float64Array;
  /** Whether it is out whatever its properties are. */
  alwaysOut: boolean;
  /** Judges one draw: fills `d` with the desirabilities of `ids`, in their order, unless it is out. */
  judge: (v: Float64Array, d: Float64Array, verdict: LeanVerdict) => void;
}

/** Gates whose verdict follows from properties; of the others the typical verdict stands. */
const drawn: ReadonlySet<GateId> = new Set<GateId>([
  'heat',
  'strength',
  'creep',
  'impact',
  'uv',
  'flex',
  'water',
  'float',
  'mass',
  'cost',
]);
/** Gates that each get easier with every property that they rest on: what fails them as the best spool of its family fails them always. */
const monotone: ReadonlySet<GateId> = new Set<GateId>(['heat', 'strength', 'impact', 'uv', 'creep', 'water']);

/** The properties that this brief's gates and criteria rest on: only these are drawn. */
function relevant(ctx: Context, f: Family, ids: readonly CriterionId[]): ReadonlySet<PropertyName> {
  const { brief, loads, conditions: c } = ctx;
  const stressed = loads.filter(l => l.stressMPa !== null);
  const held = loads.some(l => l.kind === 'sustained');
  const knocks = loads.some(l => l.severityKJm2 !== null) || ids.includes('impact');
  const wet = brief.water === 'immersed' || brief.water === 'rain';
  const list: (readonly [boolean, readonly PropertyName[]])[] = [
    [
      true,
      [
        'modulusMPa',
        'alphaPerK',
        'solidificationC',
        'crystallisationStrain',
        'densityGcm3',
        'pricePerKg',
        'maxFlowMm3s',
        f.properties.vicatC ? 'vicatC' : 'tgC',
      ],
    ],
    [stressed.some(l => l.kind !== 'impact'), ['hdt045C', 'hdt18C']],
    [stressed.length > 0, ['yieldMPa']],
    [stressed.some(l => l.acrossLayers), ['zRatio']],
    [held, ['timeSlope', 'creepA', 'creepN', 'creepKPerK']],
    [stressed.some(l => l.cycles > 1), ['fatigueSlope']],
    [stressed.length > 0 && wet, ['wetFactor']],
    [c.uvDoseMJm2 > 0, ['uvHalfDoseMJm2']],
    [c.uvDoseMJm2 > 0 && brief.outdoorSchool === 'field', ['fieldUvFactor']],
    [knocks, ['charpy23KJm2', 'charpyMinus30KJm2']],
    [
      loads.some(l => l.strainPct !== null) || brief.flex.want === 'springy',
      ['strainOncePct', 'strainRepeatedPct'],
    ],
    [brief.flex.want === 'rubbery', ['shoreA']],
    [brief.water !== 'dry' || ids.includes('accuracy') || ids.includes('moisture'), ['waterUptakePct']],
  ];
  return new Set(list.flatMap(([asked, names]) => (asked ? names : [])));
}

/**
 * Makes a candidate ready for draws.
 * @param ids the criteria that weigh anything, in the order that `d` is filled
 */
export function leanCandidate(
  ctx: Context,
  f: Family,
  weights: Record<CriterionId, number>,
  ids: readonly CriterionId[],
): LeanCandidate {
  const { brief, conditions: c } = ctx;
  const candidate = judge(ctx, f, weights, brief.school);
  const typicals = new Float64Array(propertyNames.length).fill(NaN);
  for (const n of propertyNames) {
    const p = f.properties[n];
    if (p) typicals[slot[n]] = p.typical;
  }
  const asked = relevant(ctx, f, ids);
  const varies = propertyNames.flatMap(name => {
    const p = f.properties[name];
    return p && asked.has(name) && p.high > p.low
      ? [{ name, slot: slot[name], low: p.low, typical: p.typical, high: p.high }]
      : [];
  });
  const alwaysOut =
    candidate.gates.some(g => g.verdict === 'fail' && !drawn.has(g.id)) ||
    (brief.flex.want === 'hinge' && f.flags.hinge === 'no') ||
    (brief.water !== 'dry' && f.flags.soluble) ||
    rubberOut(brief, f) ||
    (candidate.status === 'out' &&
      judge(ctx, extremeOf(f, 'best'), weights, brief.school).gates.some(
        g => g.verdict === 'fail' && monotone.has(g.id),
      ));

  const loads = leanLoads(ctx, f);
  const print = leanPrint(ctx, f, candidate);
  const uvScale =
    uvColourFactor[brief.looks.clear ? 'clear' : brief.looks.colour] / (c.doseAYearMJm2 * brief.lifeYears);
  const field = brief.outdoorSchool === 'field';
  const limits = brief.water === 'dry' ? null : waterLimits[brief.water];
  const points = ids.map(id => {
    const k = candidate.criteria.find(x => x.id === id);
    return { id, x0: k?.unacceptable ?? 0, x8: k?.comfortable ?? 1 };
  });
  const finish = f.flags.finish;
  const [shoreLow, shoreHigh] = brief.flex.shoreA ?? [75, 98];
  const uv = (v: Float64Array): number =>
    c.doseAYearMJm2 > 0 ? v[slot.uvHalfDoseMJm2]! * (field ? v[slot.fieldUvFactor]! : 1) * uvScale : Infinity;
  const floating = brief.mustFloat && brief.maxMassG === null;

  const flexValue = (v: Float64Array): number => {
    const modulus = v[slot.modulusMPa]!;
    switch (brief.flex.want) {
      case 'rigid':
        return modulus;
      case 'springy':
        return modulus < FLOPPY_MPA ? 0 : v[slot.strainRepeatedPct]!;
      case 'hinge':
        return modulus < FLOPPY_MPA ? 2 : { no: 0, short: 3.5, lasting: 6 }[f.flags.hinge];
      case 'rubbery': {
        const have = v[slot.shoreA]!;
        return Number.isNaN(have) ? 100 : Math.abs(have - (shoreLow + shoreHigh) / 2);
      }
    }
  };
  const flexFails = (v: Float64Array): boolean =>
    brief.flex.want === 'rigid'
      ? v[slot.modulusMPa]! < RIGID_MPA.fail
      : brief.flex.want === 'springy'
        ? v[slot.modulusMPa]! < FLOPPY_MPA || v[slot.strainRepeatedPct]! < 1
        : false;

  function judgeDraw(v: Float64Array, d: Float64Array, verdict: LeanVerdict): void {
    loads.of(v);
    const uvRatio = uv(v);
    const density = v[slot.densityGcm3]!;
    const heat = loads.allowableC - c.partMaxC;
    verdict.running =
      !alwaysOut &&
      heat >= 0 &&
      loads.reserve >= 1 &&
      (brief.flex.want === 'rubbery' || loads.creepPct <= CREEP_LIMIT_PCT.fail) &&
      loads.knock >= 1 &&
      uvRatio >= 0.5 &&
      !flexFails(v) &&
      (limits === null || v[slot.waterUptakePct]! <= limits.fail) &&
      (!brief.mustFloat || density < FLOATS || density * brief.geometry.solidFraction < FLOATS_HOLLOW);
    if (!verdict.running) return;
    print.of(v);
    verdict.penalties = print.penalties;
    verdict.cost = print.costEach;
    verdict.running =
      (brief.maxMassG === null || print.massG <= brief.maxMassG) &&
      (brief.maxCostEach === null || print.costEach <= brief.maxCostEach);
    if (!verdict.running) return;
    for (let i = 0; i < points.length; i++) {
      const { id, x0, x8 } = points[i]!;
      let x: number;
      switch (id) {
        case 'heat':
          x = heat;
          break;
        case 'uv':
          x = uvRatio;
          break;
        case 'strength':
          x = loads.reserve;
          break;
        case 'stiffness':
          x = loads.deflectionPct;
          break;
        case 'creep':
          x = loads.creepPct;
          break;
        case 'impact':
          x = loads.knocks ? loads.knock : loads.charpyCold;
          break;
        case 'flex':
          x = flexValue(v);
          break;
        case 'warp':
          x = print.bowMm;
          break;
        case 'printability':
          x = print.success;
          break;
        case 'accuracy':
          x = print.deviationMm;
          break;
        case 'finish':
          x = finish;
          break;
        case 'mass':
          x = floating ? density : print.massG;
          break;
        case 'moisture':
          x = v[slot.waterUptakePct]!;
          break;
        case 'cost':
          x = print.costEach;
          break;
      }
      d[i] = desirability(x, x0, x8);
    }
  }
  return { candidate, family: f, varies, typicals, alwaysOut, judge: judgeDraw };
}

/** A rubbery part asks for a hardness that the family's range reaches at all. */
function rubberOut(brief: Brief, f: Family): boolean {
  if (brief.flex.want !== 'rubbery') return false;
  const [low, high] = brief.flex.shoreA ?? [75, 98];
  const p = f.properties.shoreA;
  return !p || p.high < low || p.low > high;
}

/** Warp, lift-off, success, mass, time and cost of draws. */
interface LeanPrint {
  of: (v: Float64Array) => void;
  bowMm: number;
  success: number;
  penalties: number;
  massG: number;
  costEach: number;
  deviationMm: number;
}

function leanPrint(ctx: Context, f: Family, candidate: Candidate): LeanPrint {
  const { brief } = ctx;
  const { bowInput, liftInput, pLift, success, penalties, economicsInput } = candidate.printing;
  const range = f.properties.solidificationC;
  const [from, to] = [range?.low ?? 0, range?.high ?? 0];
  // The bow and the mean strain are α·(a function of T_s) + s_c·(a constant).
  const unit = 1e-4;
  const at = (ts: number): ReturnType<typeof warpBowOf> =>
    warpBowOf({ ...bowInput, alphaPerK: unit, crystallisationStrain: 0, solidificationC: ts });
  const [bowOf, strainOf] = [
    tabulated(from, to, ts => at(ts).bowMm / unit),
    tabulated(from, to, ts => at(ts).meanStrain / unit),
  ];
  const crystal = warpBowOf({ ...bowInput, alphaPerK: 0, crystallisationStrain: 1 });
  const storedOf = tabulated(
    from,
    to,
    ts => storedModulusMPa(f, bowInput.chamberC, ts) / typical(f, 'modulusMPa'),
  );
  const corner = cornerFactor(liftInput.sharpCorners, liftInput.filletMm);
  const certain = success / (1 - LIFT_SHARE * pLift);
  const otherPenalties = penalties - (pLift > 0.1 ? 1 : 0);
  const lengthMm = Math.max(brief.geometry.xMm, brief.geometry.yMm);
  const printerFlow = ctx.printer?.maxFlowMm3s ?? Infinity;
  const [sAlpha, sTs, sCrystal, sE, sRho, sPrice, sFlow, sWater] = [
    slot.alphaPerK,
    slot.solidificationC,
    slot.crystallisationStrain,
    slot.modulusMPa,
    slot.densityGcm3,
    slot.pricePerKg,
    slot.maxFlowMm3s,
    slot.waterUptakePct,
  ];
  const economics = { ...economicsInput };
  const deviation = {
    waterUptakePct: 0,
    alphaPerK: 0,
    solidificationC: 0,
    crystallisationStrain: 0,
    bowMm: 0,
    lengthMm,
    water: brief.water,
  };
  const self: LeanPrint = {
    bowMm: 0,
    success: 0,
    penalties: 0,
    massG: 0,
    costEach: 0,
    deviationMm: 0,
    of(v) {
      const alpha = v[sAlpha]!;
      const ts = v[sTs]!;
      const shrink = Number.isNaN(v[sCrystal]!) ? 0 : v[sCrystal]!;
      self.bowMm = alpha * bowOf(ts) + shrink * crystal.bowMm;
      const meanStrain = alpha * strainOf(ts) + shrink * crystal.meanStrain;
      const energy =
        releasedPerMm(v[sE]! * storedOf(ts) * brief.geometry.solidFraction, meanStrain) * liftInput.heightMm;
      const lift = liftChance(energy * corner, liftInput.adhesionJm2);
      self.success = certain * (1 - LIFT_SHARE * lift);
      self.penalties = otherPenalties + (lift > 0.1 ? 1 : 0);
      economics.densityGcm3 = v[sRho]!;
      economics.pricePerKg = v[sPrice]!;
      economics.maxFlowMm3s = Math.min(v[sFlow]!, printerFlow);
      economics.success = Math.max(0.05, self.success);
      const e = printEconomics(economics);
      self.massG = e.massG;
      self.costEach = e.costEach;
      deviation.waterUptakePct = v[sWater]!;
      deviation.alphaPerK = alpha;
      deviation.solidificationC = ts;
      deviation.crystallisationStrain = shrink;
      deviation.bowMm = self.bowMm;
      self.deviationMm = expectedDeviationMm(deviation);
    },
  };
  return self;
}
