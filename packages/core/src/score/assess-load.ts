import { effectiveColour } from '../brief/looks.js';
import { retentionAt } from '../materials/retention.js';
import { typical, type Family } from '../materials/family.js';
import { creepEquivalentC, creepFactor } from '../models/creep-strain.js';
import { strengthAllowable, type StrengthConditions } from '../models/strength-allowable.js';
import type { ServiceLoad } from '../brief/service-load.js';
import type { Context } from './context.js';

/** The stiffness that is left is never read as less: beyond, the part has failed and the fit means nothing. */
export const RETENTION_FLOOR = 0.02;

/** What one load does to one family. Reserves over 1 are safe. */
export interface LoadAssessment {
  load: ServiceLoad;
  /** Allowable over stress × safety (or over imposed strain); null for knocks. */
  reserve: number | null;
  allowableMPa: number | null;
  strength: StrengthConditions | null;
  allowableStrainPct: number | null;
  deflectionMm: number | null;
  /** Deflection, or strain where there is no span, at the end of life; % of the span or % strain. */
  lifePct: number | null;
  nowPct: number | null;
  creepC: number | null;
  /** Notched impact over severity × safety; null unless a knock. */
  impactReserve: number | null;
}

/** The conditions under which a load has to be borne. */
export function strengthConditions({ brief, conditions: c }: Context, load: ServiceLoad): StrengthConditions {
  return {
    temperatureC: c.partMaxC,
    acrossLayers: load.acrossLayers,
    hours: load.kind === 'sustained' ? load.hours : 0,
    cycles: load.cycles,
    uvDoseMJm2: c.uvDoseMJm2,
    wet: brief.water === 'immersed' || brief.water === 'rain',
    colour: effectiveColour(brief),
    wallMm: brief.geometry.wallMm,
    sectionFactor: 1,
  };
}

/** What one load does to one family. @param charpyCold notched impact at the coldest, kJ/m² */
export function assessLoad(ctx: Context, f: Family, load: ServiceLoad, charpyCold: number): LoadAssessment {
  const { conditions: c, safety } = ctx;
  const none: LoadAssessment = {
    load,
    reserve: null,
    allowableMPa: null,
    strength: null,
    allowableStrainPct: null,
    deflectionMm: null,
    lifePct: null,
    nowPct: null,
    creepC: null,
    impactReserve: null,
  };
  if (load.severityKJm2 !== null)
    return {
      ...none,
      impactReserve: load.severityKJm2 > 0 ? charpyCold / (load.severityKJm2 * safety) : Infinity,
    };
  if (load.strainPct !== null) {
    const repeated = load.kind === 'cyclic' || load.cycles > 10;
    const allowableStrainPct = typical(f, repeated ? 'strainRepeatedPct' : 'strainOncePct');
    return {
      ...none,
      allowableStrainPct,
      reserve: load.strainPct > 0 ? allowableStrainPct / load.strainPct : Infinity,
    };
  }
  if (load.stressMPa === null) return none;
  const strength = strengthConditions(ctx, load);
  const { allowableMPa } = strengthAllowable(f, strength);
  const modulus = typical(f, 'modulusMPa');
  const k = typical(f, 'creepKPerK');
  const creepC = creepEquivalentC(c.partMinC, c.partMaxC, k);
  const growth =
    load.kind === 'sustained'
      ? creepFactor(typical(f, 'creepA'), typical(f, 'creepN'), k, creepC, load.hours)
      : 1;
  const pct = (modulusAt: number): number =>
    load.deflectionTimesModulus !== null && load.spanMm
      ? (100 * load.deflectionTimesModulus) / modulusAt / load.spanMm
      : (100 * (load.stressMPa ?? 0)) / modulusAt;
  const hot = modulus * Math.max(RETENTION_FLOOR, retentionAt(f.retention, c.partMaxC));
  const long = modulus * Math.max(RETENTION_FLOOR, retentionAt(f.retention, creepC));
  const buckling =
    load.bucklingOverModulus !== null && load.forceN
      ? (load.bucklingOverModulus * hot) / load.forceN
      : Infinity;
  return {
    ...none,
    allowableMPa,
    strength,
    creepC,
    reserve: Math.min(
      load.stressMPa > 0 ? allowableMPa / (load.stressMPa * safety) : Infinity,
      buckling / safety,
    ),
    deflectionMm: load.deflectionTimesModulus === null ? null : load.deflectionTimesModulus / hot,
    nowPct: pct(hot),
    lifePct: Math.max(pct(long) * growth, pct(hot)),
  };
}
