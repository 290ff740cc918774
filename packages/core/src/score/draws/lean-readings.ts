import type { CriterionId } from '../../brief/choices.js';
import type { Family } from '../../materials/family.js';
import type { Candidate } from '../candidate.js';
import type { Context } from '../context.js';
import { flexReading, type FlexSource } from '../flexibility.js';
import type { LeanLasting } from './lean-lasting.js';
import type { LeanLoads } from './lean-loads.js';
import type { LeanPrint } from './lean-print.js';
import { slot } from './slots.js';

/** What has been worked out for a draw. */
export interface LeanParts {
  loads: LeanLoads;
  lasting: LeanLasting;
  print: LeanPrint;
}

/** The number that decides flexibility, of draws. */
export function leanFlex({ brief }: Context, f: Family): (v: Float64Array) => number {
  const source: FlexSource = { modulusMPa: 0, strainRepeatedPct: 0, shoreA: null, hinge: f.flags.hinge };
  return v => {
    const shoreA = v[slot.shoreA]!;
    source.modulusMPa = v[slot.modulusMPa]!;
    source.strainRepeatedPct = v[slot.strainRepeatedPct]!;
    source.shoreA = Number.isNaN(shoreA) ? null : shoreA;
    return flexReading(brief, source);
  };
}

/** How each criterion is read once loads, lasting and print have been worked out for a draw. */
export function leanReadings(
  ctx: Context,
  f: Family,
  candidate: Candidate,
  { loads, lasting, print }: LeanParts,
): Record<CriterionId, (v: Float64Array) => number> {
  const { brief, conditions: c } = ctx;
  const floating = brief.mustFloat && brief.maxMassG === null;
  const target = brief.targetMassG;
  /** What no property changes is as it typically is. */
  const fixed = (id: CriterionId): (() => number) => {
    const value = candidate.criteria.find(k => k.id === id)?.value ?? 0;
    return () => value;
  };
  const mass = (v: Float64Array): number => {
    if (floating) return v[slot.densityGcm3]!;
    return target === null ? print.massG : Math.abs(print.massG / target - 1);
  };
  return {
    heat: () => loads.allowableC - c.partMaxC,
    ageing: () => lasting.aged,
    uv: () => lasting.uv,
    strength: () => loads.reserve,
    stiffness: () => loads.deflectionPct,
    creep: () => loads.creepPct,
    clamp: () => loads.clampLeft,
    impact: () => (loads.knocks ? loads.knock : loads.charpyCold),
    wear: fixed('wear'),
    flex: leanFlex(ctx, f),
    water: () => lasting.soaked,
    chemicals: fixed('chemicals'),
    contact: fixed('contact'),
    warp: () => print.bowMm,
    printability: () => print.success,
    accuracy: () => print.deviationMm,
    finish: fixed('finish'),
    mass,
    moisture: v => v[slot.waterUptakePct]!,
    cost: () => print.costEach,
  };
}
