import { ramp } from '../lib/between.js';
import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';
import { creepEquivalentC, creepFactor } from '../models/creep-strain.js';
import { strengthAllowable, type StrengthConditions } from '../models/strength-allowable.js';
import { feltStressMPa } from '../brief/load-field.js';
import { blowsOf, type Blow, type ServiceLoad } from '../brief/service-load.js';
import type { WorkingRef } from '../brief/conditions.js';
import { allowedStrainPct } from '../models/load-snap-fit.js';
import { charpyAtKJm2, coldness, knockToughnessKJm2, notchWeight } from '../models/impact-drop.js';
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
  /** What it takes of a knock over severity × safety; null unless a knock. */
  impactReserve: number | null;
  /** What it takes of a knock, kJ/m²; null unless a knock. */
  bearsKJm2: number | null;
  /** The blow that it takes least of; null unless a knock. */
  blow: Blow | null;
  /** The load worked for this family: a member by the modulus that is left of it as printed, at its hottest. */
  working: WorkingRef | null;
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
  return acrossLayers ? Math.min(1, zRatio) ** 2 : 1;
}

/**
 * What is left of an allowable strain: across the layers their share, in the cold the family's own, linear between
 * −30 and 23 °C.
 */
export function strainShare(
  zRatio: number,
  acrossLayers: boolean,
  coldStrainShare: number,
  coldestC: number,
): number {
  const cold = 1 - (1 - coldStrainShare) * coldness(coldestC);
  return (acrossLayers ? Math.min(1, zRatio) : 1) * cold;
}

/** Between these a part that is never wetted dries out for good, °C: nylons are then as dry as moulded. */
const DRIES_OUT_C = { from: 40, wholly: 60 };

/** What is left of a family's notched toughness where the part stays warm and dry; 1 for all but nylons. */
export function dryToughnessShare({ brief, conditions: c }: Context, f: Family): number {
  if (brief.water !== 'dry') return 1;
  return 1 - (1 - f.flags.dryToughness) * ramp(c.partMinC, DRIES_OUT_C.from, DRIES_OUT_C.wholly);
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
  bearsKJm2: null,
  blow: null,
};

/** The stress that a load amounts to for a filament, MPa: on the shape itself it heeds how its layers weld. */
export function feltBy(load: Pick<ServiceLoad, 'stressMPa' | 'field'>, zRatio: number): number {
  return load.field ? feltStressMPa(load.field, zRatio) : (load.stressMPa ?? 0);
}

/** What one load does to one family. */
export function assessLoad(ctx: Context, f: Family, load: ServiceLoad): LoadAssessment {
  const base = { load, ...unknown, working: load.working };
  const knocks = blowsOf(load).map(blow => knock(ctx, f, load, blow));
  if (knocks.length)
    return { ...base, ...knocks.reduce((a, b) => (b.impactReserve < a.impactReserve ? b : a)) };
  if (load.strainPct !== null) return { ...base, ...finger(ctx, f, load) };
  if (load.stressMPa !== null)
    return { ...base, ...stressed(ctx, f, load, feltBy(load, typical(f, 'zRatio'))) };
  return base;
}

/** What a filament takes of one blow. */
function knock(
  ctx: Context,
  f: Family,
  load: ServiceLoad,
  blow: Blow,
): Partial<LoadAssessment> & { impactReserve: number } {
  const { partMinC } = ctx.conditions;
  const notchedKJm2 =
    dryToughnessShare(ctx, f) *
    charpyAtKJm2(typical(f, 'charpyMinus30KJm2'), typical(f, 'charpy23KJm2'), partMinC);
  const weight = notchWeight(ctx.brief.geometry.innerRadiusMm, partMinC, blow.acrossLayers);
  const bearsKJm2 =
    knockToughnessKJm2(notchedKJm2, typical(f, 'charpyUnnotched23KJm2'), weight) *
    layerToughness(typical(f, 'zRatio'), blow.acrossLayers);
  const severity = blow.severityKJm2 * ctx.safety;
  return {
    impactReserve: severity > 0 ? bearsKJm2 / severity : Infinity,
    bearsKJm2,
    blow,
    working: load.working && {
      ...load.working,
      inputs: {
        ...load.working.inputs,
        ...blow.inputs,
        notchedKJm2,
        unnotchedKJm2: typical(f, 'charpyUnnotched23KJm2'),
        notchWeight: weight,
      },
    },
  };
}

function finger(ctx: Context, f: Family, load: ServiceLoad): Partial<LoadAssessment> {
  const oncePct = typical(f, 'strainOncePct');
  const repeatedPct = typical(f, 'strainRepeatedPct');
  const share = strainShare(
    typical(f, 'zRatio'),
    load.acrossLayers,
    typical(f, 'coldStrainShare'),
    ctx.conditions.partMinC,
  );
  const allowableStrainPct = allowedStrainPct(oncePct, repeatedPct, load.cycles) * share;
  const strain = (load.strainPct ?? 0) * ctx.strainSafety;
  return {
    allowableStrainPct,
    reserve: strain > 0 ? allowableStrainPct / strain : Infinity,
    working: load.working && {
      ...load.working,
      inputs: { ...load.working.inputs, oncePct, repeatedPct },
    },
  };
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
