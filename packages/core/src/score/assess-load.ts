import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';
import { creepEquivalentC, creepFactor } from '../models/creep-strain.js';
import { strengthAllowable, type StrengthConditions } from '../models/strength-allowable.js';
import type { ServiceLoad } from '../brief/service-load.js';
import type { WorkingRef } from '../brief/conditions.js';
import { pigmentOf, type Context } from './context.js';

/** The stiffness that is left is never read as less: beyond, the part has failed and the fit means nothing. */
export const RETENTION_FLOOR = 0.02;

/** What one load does to one family. Reserves over 1 are safe. */
export interface LoadAssessment {
  load: ServiceLoad;
  /** Allowable over stress × safety (or over imposed strain × safety); null for knocks. */
  reserve: number | null;
  allowableMPa: number | null;
  strength: StrengthConditions | null;
  allowableStrainPct: number | null;
  deflectionMm: number | null;
  /** Deflection, or strain where there is no span, at the end of life; % of the span or % strain. */
  lifePct: number | null;
  nowPct: number | null;
  creepC: number | null;
  /** Share of a clamp's force that is left at the end; null unless it is squeezed. */
  clampLeft: number | null;
  /** Notched impact over severity × safety; null unless a knock. */
  impactReserve: number | null;
  /** The load worked for this family: a member by the modulus that is left of it as printed, at its hottest. */
  working: WorkingRef | null;
}

/** Notched impact of a family, kJ/m²: at the coldest in service, and at 23 °C. */
export interface Toughness {
  coldKJm2: number;
  warmKJm2: number;
}

/** The conditions under which a load has to be borne. What stays squeezed is not held under its full stress. */
export function strengthConditions(ctx: Context, load: ServiceLoad, f: Family): StrengthConditions {
  const { brief, conditions: c } = ctx;
  return {
    temperatureC: c.partMaxC,
    acrossLayers: load.acrossLayers,
    hours: load.kind === 'sustained' && !load.clamped ? load.hours : 0,
    cycles: load.cycles,
    uvDoseMJm2: c.uvDoseMJm2,
    wet: brief.water === 'immersed' || brief.water === 'rain',
    colour: pigmentOf(ctx, f),
    wallMm: brief.geometry.wallMm,
    sectionFactor: Math.max(0.01, load.printed.strength),
  };
}

/** What is left of toughness where a blow opens the layers: their energy goes with the square of their strength. */
export function layerToughness(zRatio: number, acrossLayers: boolean): number {
  return acrossLayers ? zRatio * zRatio : 1;
}

/** What is left of an allowable strain: across the layers their share, in the cold what toughness keeps. */
export function strainShare(zRatio: number, acrossLayers: boolean, toughness: Toughness): number {
  const cold = toughness.warmKJm2 > 0 ? Math.min(1, toughness.coldKJm2 / toughness.warmKJm2) : 1;
  return (acrossLayers ? zRatio : 1) * cold;
}

const unknown = {
  reserve: null,
  allowableMPa: null,
  strength: null,
  allowableStrainPct: null,
  deflectionMm: null,
  lifePct: null,
  nowPct: null,
  creepC: null,
  clampLeft: null,
  impactReserve: null,
};

/** What one load does to one family. */
export function assessLoad(ctx: Context, f: Family, load: ServiceLoad, toughness: Toughness): LoadAssessment {
  const base = { load, ...unknown, working: load.working };
  if (load.severityKJm2 !== null) return { ...base, ...knock(ctx, f, load, toughness) };
  if (load.strainPct !== null) return { ...base, ...finger(ctx, f, load, toughness) };
  if (load.stressMPa !== null) return { ...base, ...stressed(ctx, f, load, load.stressMPa) };
  return base;
}

function knock(ctx: Context, f: Family, load: ServiceLoad, { coldKJm2 }: Toughness): Partial<LoadAssessment> {
  const bears = coldKJm2 * layerToughness(typical(f, 'zRatio'), load.acrossLayers);
  const severity = (load.severityKJm2 ?? 0) * ctx.safety;
  return { impactReserve: severity > 0 ? bears / severity : Infinity };
}

function finger(ctx: Context, f: Family, load: ServiceLoad, toughness: Toughness): Partial<LoadAssessment> {
  const allowed = typical(f, isRepeated(load) ? 'strainRepeatedPct' : 'strainOncePct');
  const allowableStrainPct = allowed * strainShare(typical(f, 'zRatio'), load.acrossLayers, toughness);
  const strain = (load.strainPct ?? 0) * ctx.strainSafety;
  return { allowableStrainPct, reserve: strain > 0 ? allowableStrainPct / strain : Infinity };
}

/** Snaps that are opened more than a few times live by the strain that may be repeated. */
export function isRepeated(load: ServiceLoad): boolean {
  return load.kind === 'cyclic' || load.cycles > 10;
}

/** A member under a stress: how much it may carry, how far it bends at once and at the end. */
function stressed(ctx: Context, f: Family, load: ServiceLoad, stressMPa: number): Partial<LoadAssessment> {
  const { conditions: c, safety } = ctx;
  const strength = strengthConditions(ctx, load, f);
  const { allowableMPa } = strengthAllowable(f, strength);
  const modulus = typical(f, 'modulusMPa') * load.printed.stiffness;
  const k = typical(f, 'creepKPerK');
  const creepC = creepEquivalentC(c.partMinC, c.partMaxC, k);
  const growth =
    load.kind === 'sustained'
      ? creepFactor(typical(f, 'creepA'), typical(f, 'creepN'), k, creepC, load.hours)
      : 1;
  const hot = modulus * Math.max(RETENTION_FLOOR, retentionAt(f.retention, c.partMaxC));
  const long = modulus * Math.max(RETENTION_FLOOR, retentionAt(f.retention, creepC));
  const buckling =
    load.bucklingOverModulus !== null && load.forceN
      ? (load.bucklingOverModulus * hot) / load.forceN
      : Infinity;
  const bearing = {
    allowableMPa,
    strength,
    creepC,
    working: load.working && { ...load.working, inputs: { ...load.working.inputs, modulusMPa: hot } },
    reserve: Math.min(stressMPa > 0 ? allowableMPa / (stressMPa * safety) : Infinity, buckling / safety),
  };
  if (load.clamped) return { ...bearing, clampLeft: 1 / growth };
  const pct = (modulusAt: number): number =>
    load.deflectionTimesModulus !== null && load.spanMm
      ? (100 * load.deflectionTimesModulus) / modulusAt / load.spanMm
      : (100 * stressMPa) / modulusAt;
  return {
    ...bearing,
    deflectionMm: load.deflectionTimesModulus === null ? null : load.deflectionTimesModulus / hot,
    nowPct: pct(hot),
    lifePct: Math.max(pct(long) * growth, pct(hot)),
  };
}
