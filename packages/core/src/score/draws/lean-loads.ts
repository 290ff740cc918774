import { retentionAt } from '../../materials/retention.js';
import { type Family } from '../../materials/family.js';
import { uvColourFactor } from '../../materials/colours.js';
import { creepEquivalentC } from '../../models/creep-strain.js';
import { UNLOADED_MPA, allowableUnder, type Allowable } from '../../models/heat-allowable.js';
import { charpyAtKJm2, knockToughnessKJm2, notchWeight } from '../../models/impact-drop.js';
import { allowedStrainPct } from '../../models/load-snap-fit.js';
import { STRENGTH_FLOOR, type StrengthConditions } from '../../models/strength-allowable.js';
import { UV_SKIN_MM } from '../../models/uv-retained.js';
import { blowsOf, type Blow, type ServiceLoad } from '../../brief/service-load.js';
import {
  RETENTION_FLOOR,
  dryToughnessShare,
  feltBy,
  layerToughness,
  strainShare,
  strengthConditions,
} from '../assess-load.js';
import type { Context } from '../context.js';
import type { LeanLoads } from './drawn-parts.js';
import { slot } from './slots.js';
import { tabulated } from '../../lib/tabulated.js';

/** Makes a family's answer to a brief's loads ready for draws. */
export function leanLoads(ctx: Context, f: Family): LeanLoads {
  const { loads, conditions: c } = ctx;
  const heats = [unloaded, ...loads.filter(l => l.stressMPa !== null && l.kind !== 'impact')].map(l =>
    heatOf(f, l),
  );
  const bearing = loads.flatMap(l => (l.severityKJm2 === null ? [bearingOf(ctx, f, l)] : []));
  const knocks = loads.flatMap(l => blowsOf(l).map(blow => knockOf(ctx, f, blow)));
  const sUnloaded = slot.unloadedC;
  const cold = c.partMinC;
  const s45 = slot.hdt045C;
  const s18 = slot.hdt18C;
  const c23 = slot.charpy23KJm2;
  const c30 = slot.charpyMinus30KJm2;
  const self: LeanLoads = {
    allowableC: 0,
    reserve: Infinity,
    deflectionPct: 0,
    creepPct: 0,
    clampLeft: 1,
    knock: Infinity,
    charpyCold: 0,
    knocks: knocks.length > 0,
    of(v) {
      const unloadedC = v[sUnloaded]!;
      self.allowableC = Infinity;
      for (const heat of heats)
        self.allowableC = Math.min(self.allowableC, heat(unloadedC, v[s45]!, v[s18]!));
      self.reserve = Infinity;
      self.deflectionPct = 0;
      self.creepPct = 0;
      self.clampLeft = 1;
      self.knock = Infinity;
      self.charpyCold = charpyAtKJm2(v[c30]!, v[c23]!, cold);
      for (const b of bearing) b(v, self);
      for (const k of knocks) k(v, self);
    },
  };
  return self;
}

const unloaded = null;

/** Share of stiffness left at a temperature, floored as the gates do. */
function stiffnessShare(f: Family, temperatureC: number): number {
  return Math.max(RETENTION_FLOOR, retentionAt(f.retention, temperatureC));
}

/** The allowable temperature at a load. */
function heatOf(f: Family, load: ServiceLoad | null): Allowable {
  return allowableUnder({
    structure: f.flags.structure,
    stressMPa: load?.stressMPa ?? UNLOADED_MPA,
    sustainedHours: load?.kind === 'sustained' ? load.hours : 0,
    creepAllowanceK: 10,
  });
}

/** One blow of a knock; lowers the reserve of `into`. */
function knockOf(
  ctx: Context,
  f: Family,
  { severityKJm2, acrossLayers }: Blow,
): (v: Float64Array, into: LeanLoads) => void {
  const { brief, conditions: c, safety } = ctx;
  const weight = notchWeight(brief.geometry.innerRadiusMm, c.partMinC, acrossLayers);
  const share = dryToughnessShare(ctx, f);
  return (v, into) => {
    if (severityKJm2 <= 0) return;
    const bears = knockToughnessKJm2(share * into.charpyCold, v[slot.charpyUnnotched23KJm2]!, weight);
    const layers = layerToughness(v[slot.zRatio]!, acrossLayers);
    into.knock = Math.min(into.knock, (bears * layers) / (severityKJm2 * safety));
  };
}

/** A snap finger; lowers the reserve of `into`. */
function fingerOf(
  { strainSafety, conditions }: Context,
  load: ServiceLoad,
  strainPct: number,
): (v: Float64Array, into: LeanLoads) => void {
  return (v, into) => {
    if (strainPct <= 0) return;
    const share = strainShare(
      v[slot.zRatio]!,
      load.acrossLayers,
      v[slot.coldStrainShare]!,
      conditions.partMinC,
    );
    const allowed = allowedStrainPct(v[slot.strainOncePct]!, v[slot.strainRepeatedPct]!, load.cycles);
    into.reserve = Math.min(into.reserve, (allowed * share) / (strainPct * strainSafety));
  };
}

/** One load that is borne by strength or strain; lowers the reserve and raises the movements of `into`. */
function bearingOf(ctx: Context, f: Family, load: ServiceLoad): (v: Float64Array, into: LeanLoads) => void {
  const { conditions: c, safety } = ctx;
  if (load.strainPct !== null) return fingerOf(ctx, load, load.strainPct);
  const stress = load.stressMPa;
  if (stress === null) return () => undefined;
  const strength = strengthOf(f, strengthConditions(ctx, load, f));
  const hotShare = stiffnessShare(f, c.partMaxC);
  const buckling =
    load.bucklingOverModulus !== null && load.forceN
      ? (load.bucklingOverModulus * hotShare) / load.forceN / safety
      : null;
  const scale =
    load.deflectionTimesModulus !== null && load.spanMm
      ? (100 * load.deflectionTimesModulus) / load.spanMm
      : 100 * stress;
  const held = load.kind === 'sustained';
  const k = f.properties.creepKPerK;
  const equivalent = (kPerK: number): number => creepEquivalentC(c.partMinC, c.partMaxC, kPerK);
  const longShare = tabulated(k?.low ?? 0, k?.high ?? 0, kPerK => stiffnessShare(f, equivalent(kPerK)));
  const warmth = tabulated(k?.low ?? 0, k?.high ?? 0, kPerK => Math.exp(kPerK * (equivalent(kPerK) - 23)));
  const lnHours = Math.log(Math.max(1e-9, load.hours));
  const bends = load.deflectionTimesModulus !== null;
  const { stiffness } = load.printed;
  const sE = slot.modulusMPa;
  const sA = slot.creepA;
  const sN = slot.creepN;
  const sK = slot.creepKPerK;
  const sZ = slot.zRatio;
  return (v, into) => {
    const modulus = v[sE]! * stiffness;
    const felt = load.field ? feltBy(load, v[sZ]!) : stress;
    if (felt > 0) into.reserve = Math.min(into.reserve, strength(v) / (felt * safety));
    if (buckling !== null) into.reserve = Math.min(into.reserve, buckling * modulus);
    if (load.clamped) {
      const warmed = v[sA]! * Math.exp(v[sN]! * lnHours) * warmth(v[sK]!);
      into.clampLeft = Math.min(into.clampLeft, held && load.hours > 0 ? 1 / (1 + warmed) : 1);
      return;
    }
    const now = scale / (modulus * hotShare);
    if (bends) into.deflectionPct = Math.max(into.deflectionPct, now);
    if (held) {
      const kPerK = v[sK]!;
      const growth = load.hours > 0 ? 1 + v[sA]! * Math.exp(v[sN]! * lnHours) * warmth(kPerK) : 1;
      into.creepPct = Math.max(into.creepPct, (scale / (modulus * longShare(kPerK))) * growth, now);
    }
  };
}

/**
 * The allowable stress as a function of a draw: the factors of `strength.allowable` with what stands still
 * multiplied out.
 */
function strengthOf(f: Family, c: StrengthConditions): (v: Float64Array) => number {
  const fixedShare = retentionAt(f.retention, c.temperatureC) * c.sectionFactor;
  const decadesHeld = c.hours * 60 > 1 ? Math.log10(c.hours * 60) : 0;
  const decadesCycled = c.cycles > 1 ? Math.log10(c.cycles) : 0;
  const skin = Math.min(1, (2 * UV_SKIN_MM) / c.wallMm);
  const halvings = (Math.LN2 * c.uvDoseMJm2) / uvColourFactor[c.colour];
  const sYield = slot.yieldMPa;
  const sZ = slot.zRatio;
  const sTime = slot.timeSlope;
  const sFatigue = slot.fatigueSlope;
  const sUv = slot.uvHalfDoseMJm2;
  const sWet = slot.wetFactor;
  return v => {
    let allowable = v[sYield]! * fixedShare;
    if (c.acrossLayers) allowable *= Math.min(1, v[sZ]!);
    if (decadesHeld > 0) allowable *= Math.max(STRENGTH_FLOOR, 1 - v[sTime]! * decadesHeld);
    if (decadesCycled > 0) allowable *= Math.max(STRENGTH_FLOOR, 1 - v[sFatigue]! * decadesCycled);
    if (halvings > 0) allowable *= 1 - (1 - Math.exp(-halvings / v[sUv]!)) * skin;
    if (c.wet) allowable *= Math.max(STRENGTH_FLOOR, v[sWet]!);
    return allowable;
  };
}
