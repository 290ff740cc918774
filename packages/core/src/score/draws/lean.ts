import { hardnessWanted } from '../../brief/hardness.js';
import { effectiveColour } from '../../brief/looks.js';
import type { Brief } from '../../brief/brief.js';
import type { CriterionId } from '../../brief/choices.js';
import { extremeOf } from '../../materials/extreme.js';
import type { Family } from '../../materials/family.js';
import { propertyNames, type PropertyName } from '../../materials/property.js';
import { uvColourFactor } from '../../materials/colours.js';
import { desirability } from '../desirability.js';
import type { Context } from '../context.js';
import type { GateId } from '../gate.js';
import { CREEP_LIMIT_PCT } from '../gates/creep.js';
import { flexReading, FLOPPY_MPA, RIGID_MPA, type FlexSource } from '../flexibility.js';
import { SPRING_STRAIN_PCT } from '../gates/flex.js';
import { waterLimits } from '../gates/water.js';
import { FLOATS, FLOATS_HOLLOW } from '../gates/float.js';
import { judge } from '../judge.js';
import type { Candidate } from '../candidate.js';
import { leanLoads } from './lean-loads.js';
import { slot } from './slots.js';
import { leanPrint } from './lean-print.js';

/** What one draw makes of a candidate. */
export interface LeanVerdict {
  running: boolean;
  penalties: number;
  cost: number;
}

/**
 * A candidate made ready for a million draws: what does not depend on its properties is worked out once,
 * integrals are tabulated,
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

/**
 * Gates that each get easier with every property that they rest on: what fails them as the best spool of
 * its family fails them always.
 */
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
  const uvScale = uvColourFactor[effectiveColour(brief)] / (c.doseAYearMJm2 * brief.lifeYears);
  const field = brief.outdoorSchool === 'field';
  const limits = brief.water === 'dry' ? null : waterLimits[brief.water];
  const uv = (v: Float64Array): number =>
    c.doseAYearMJm2 > 0 ? v[slot.uvHalfDoseMJm2]! * (field ? v[slot.fieldUvFactor]! : 1) * uvScale : Infinity;
  const floating = brief.mustFloat && brief.maxMassG === null;

  const flexSource: FlexSource = { modulusMPa: 0, strainRepeatedPct: 0, shoreA: null, hinge: f.flags.hinge };
  const flexValue = (v: Float64Array): number => {
    const shoreA = v[slot.shoreA]!;
    flexSource.modulusMPa = v[slot.modulusMPa]!;
    flexSource.strainRepeatedPct = v[slot.strainRepeatedPct]!;
    flexSource.shoreA = Number.isNaN(shoreA) ? null : shoreA;
    return flexReading(brief, flexSource);
  };
  const flexFails = flexFailing(brief);
  /** How each criterion is read once loads and print have been worked out for a draw. */
  const readings: Record<CriterionId, (v: Float64Array) => number> = {
    heat: () => loads.allowableC - c.partMaxC,
    uv,
    strength: () => loads.reserve,
    stiffness: () => loads.deflectionPct,
    creep: () => loads.creepPct,
    impact: () => (loads.knocks ? loads.knock : loads.charpyCold),
    flex: flexValue,
    warp: () => print.bowMm,
    printability: () => print.success,
    accuracy: () => print.deviationMm,
    finish: () => f.flags.finish,
    mass: v => (floating ? v[slot.densityGcm3]! : print.massG),
    moisture: v => v[slot.waterUptakePct]!,
    cost: () => print.costEach,
  };
  const points = ids.map(id => {
    const k = candidate.criteria.find(x => x.id === id);
    return { read: readings[id], unacceptable: k?.unacceptable ?? 0, comfortable: k?.comfortable ?? 1 };
  });

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
      const { read, unacceptable, comfortable } = points[i]!;
      d[i] = desirability(read(v), unacceptable, comfortable);
    }
  }
  return { candidate, family: f, varies, typicals, alwaysOut, judge: judgeDraw };
}

/** Whether a draw fails the gate of flexibility, for the wants that a drawn property decides. */
function flexFailing(brief: Brief): (v: Float64Array) => boolean {
  switch (brief.flex.want) {
    case 'rigid':
      return v => v[slot.modulusMPa]! < RIGID_MPA.fail;
    case 'springy':
      return v => v[slot.modulusMPa]! < FLOPPY_MPA || v[slot.strainRepeatedPct]! < SPRING_STRAIN_PCT.fail;
    default:
      return () => false;
  }
}

/** A rubbery part asks for a hardness that the family's range reaches at all. */
function rubberOut(brief: Brief, f: Family): boolean {
  if (brief.flex.want !== 'rubbery') return false;
  const [low, high] = hardnessWanted(brief);
  const p = f.properties.shoreA;
  return !p || p.high < low || p.low > high;
}
