import { retentionAt, typical, typicalOrNull, type Family } from '../materials/family.js';
import { creepEquivalentC, creepFactor } from '../models/creep-strain.js';
import { charpyAtKJm2 } from '../models/impact-drop.js';
import { allowableTemperatureC, type HeatAllowableInput } from '../models/heat-allowable.js';
import { strengthAllowable, type StrengthConditions } from '../models/strength-allowable.js';
import { uvYearsToHalf } from '../models/uv-retained.js';
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

/** The numbers of one family under a brief's conditions, on which gates and criteria rest. */
export interface Assessment {
  family: Family;
  softeningC: number;
  allowableC: number;
  heatInput: HeatAllowableInput;
  loads: LoadAssessment[];
  yearsToHalf: number;
  halfDoseMJm2: number;
  charpyColdKJm2: number;
}

/**
 * The deflection of a held load over its life, on a logarithmic time axis from six minutes.
 * @param creepC the temperature it creeps at, from its {@link LoadAssessment}
 * @returns hours and mm, earliest first; empty for loads that are not held or have no span
 */
export function deflectionCurve(
  f: Family,
  load: ServiceLoad,
  creepC: number | null,
): { hours: number; mm: number }[] {
  if (creepC === null || load.kind !== 'sustained' || !load.deflectionTimesModulus) return [];
  const elastic =
    load.deflectionTimesModulus /
    (typical(f, 'modulusMPa') * Math.max(RETENTION_FLOOR, retentionAt(f.retention, creepC)));
  const end = Math.max(10, load.hours);
  return Array.from({ length: 31 }, (_, i) => {
    const hours = 0.1 * (end / 0.1) ** (i / 30);
    return {
      hours,
      mm:
        elastic *
        creepFactor(typical(f, 'creepA'), typical(f, 'creepN'), typical(f, 'creepKPerK'), creepC, hours),
    };
  });
}

/** Softening: Vicat where known, else the glass transition. */
export function softeningOf(f: Family): number {
  return typicalOrNull(f, 'vicatC') ?? typical(f, 'tgC');
}

/** Half-dose as the outdoor school sees it: the laboratory's, or what is logged outdoors. */
export function halfDoseOf(f: Family, school: 'laboratory' | 'field'): number {
  return typical(f, 'uvHalfDoseMJm2') * (school === 'field' ? typical(f, 'fieldUvFactor') : 1);
}

/** Works out what a brief's conditions do to a family. */
export function assess(ctx: Context, f: Family): Assessment {
  const { brief, conditions: c } = ctx;
  const halfDoseMJm2 = halfDoseOf(f, brief.outdoorSchool);
  const softeningC = softeningOf(f);
  const heatOf = (l: ServiceLoad | null): HeatAllowableInput => ({
    softeningC,
    hdt045C: typicalOrNull(f, 'hdt045C') ?? softeningC,
    hdt18C: typicalOrNull(f, 'hdt18C') ?? softeningC,
    stressMPa: l?.stressMPa ?? 0.05,
    sustainedHours: l?.kind === 'sustained' ? l.hours : 0,
    creepAllowanceK: 10,
  });
  let heatInput = heatOf(null);
  let allowableC = allowableTemperatureC(heatInput);
  for (const l of ctx.loads) {
    if (l.stressMPa === null || l.kind === 'impact') continue;
    const input = heatOf(l);
    const t = allowableTemperatureC(input);
    if (t < allowableC) [heatInput, allowableC] = [input, t];
  }
  const charpyColdKJm2 = charpyAtKJm2(
    typical(f, 'charpyMinus30KJm2'),
    typical(f, 'charpy23KJm2'),
    c.partMinC,
  );
  return {
    family: f,
    softeningC,
    allowableC,
    heatInput,
    halfDoseMJm2,
    charpyColdKJm2,
    loads: ctx.loads.map(l => assessLoad(ctx, f, l, charpyColdKJm2)),
    yearsToHalf: uvYearsToHalf(
      c.doseAYearMJm2,
      halfDoseMJm2,
      brief.looks.clear ? 'clear' : brief.looks.colour,
    ),
  };
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
    colour: brief.looks.clear ? 'clear' : brief.looks.colour,
    wallMm: brief.geometry.wallMm,
    sectionFactor: 1,
  };
}

function assessLoad(ctx: Context, f: Family, load: ServiceLoad, charpyCold: number): LoadAssessment {
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
