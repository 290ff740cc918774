import { beam, type BeamCase } from '../models/load-beam.js';
import { decelerationForceN } from '../models/load-deceleration.js';
import { dropEnergyJ } from '../models/load-drop.js';
import { insertStressMPa } from '../models/load-insert.js';
import { snapFitStrainPct } from '../models/load-snap-fit.js';
import { impactSeverityKJm2, shapeSeverityKJm2 } from '../models/impact-drop.js';
import type { Brief } from './brief.js';
import { printedMember } from './printed-member.js';
import type { BriefLoad } from './brief-load.js';
import type { FieldStress, LoadField } from './load-field.js';
import { fieldOf, fieldScale, reachMm } from './on-shape.js';
import type { LoadKind } from './choices.js';
import type { WorkingRef } from './conditions.js';
import { HOURS_A_YEAR } from '../lib/physical-constants.js';

/** A load turned into what a material feels: a stress, a strain, or an energy per area. Independent of the material. */
export interface ServiceLoad {
  index: number;
  kind: LoadKind;
  acrossLayers: boolean;
  hours: number;
  cycles: number;
  /** Stress, MPa; null for strain- and energy-driven loads. */
  stressMPa: number | null;
  /** The stress at the lower end of a force that is not sure, MPa; else null. */
  stressLowMPa: number | null;
  /** Deflection × modulus, mm·MPa: divided by a modulus it is the deflection. Null where it means nothing. */
  deflectionTimesModulus: number | null;
  /** The length that a deflection is judged against, mm. */
  spanMm: number | null;
  /** Imposed strain, %, for snap-fits. */
  strainPct: number | null;
  /** Energy per area of the weak section, kJ/m², for knocks. */
  severityKJm2: number | null;
  /** A knock as it was worked out on the shape, along its layers and between them; null elsewhere. */
  knockedOnShape: Blow[] | null;
  /** Euler buckling force over modulus, N/MPa; null unless in compression with a length. */
  bucklingOverModulus: number | null;
  forceN: number | null;
  /** Whether it stays squeezed rather than loaded: its stress falls, its shape stays. */
  clamped: boolean;
  /** What the shape itself bears, where that was worked out; a bar stands for it elsewhere. */
  field: FieldStress | null;
  /** What printing leaves of the member, as shares of a solid one; 1 for strains and knocks. */
  printed: { strength: number; stiffness: number; mass: number };
  printedWorking: WorkingRef | null;
  working: WorkingRef | null;
}

/** A way in which a knock may end a part, and how hard it is there. */
export interface Blow {
  severityKJm2: number;
  acrossLayers: boolean;
  /** What `impact.drop` is asked for it, beside what the load says. */
  inputs: { perMm2?: number };
}

/** The ways in which a load knocks at a part: one at a section, two where it was worked out on the shape; none else. */
export function blowsOf({
  severityKJm2,
  knockedOnShape,
  acrossLayers,
}: Pick<ServiceLoad, 'severityKJm2' | 'knockedOnShape' | 'acrossLayers'>): Blow[] {
  if (severityKJm2 === null) return [];
  return knockedOnShape ?? [{ severityKJm2, acrossLayers, inputs: {} }];
}

/** What every load of a brief does to the part. The brief must be valid: see `parseBrief`. */
export function serviceLoads(brief: Brief): ServiceLoad[] {
  return brief.loads.map((load, index) => {
    const field = fieldOf(brief, load);
    const bar = serviceLoad(load, index, brief);
    if (load.case === 'drop') return field ? struck(bar, load, field) : bar;
    return field ? onShape(bar, field, brief) : asPrinted(bar, brief);
  });
}

/** A load as the shape itself bears it: how it is printed and lies is in its field already. */
function onShape(bar: ServiceLoad, field: LoadField, brief: Brief): ServiceLoad {
  const { geometry } = brief;
  const load = brief.loads[bar.index]!;
  const by = fieldScale(load);
  const stress = { alongMPa: by * field.alongMPa, betweenMPa: by * field.betweenMPa };
  const lowest = load.forceLowN !== null && load.forceN ? load.forceLowN / load.forceN : null;
  return {
    ...bar,
    acrossLayers: false,
    stressMPa: stress.alongMPa,
    stressLowMPa: lowest === null ? null : lowest * stress.alongMPa,
    strainPct: null,
    severityKJm2: null,
    bucklingOverModulus: null,
    deflectionTimesModulus: by * field.deflectionTimesModulus,
    spanMm: reachMm(load) || bar.spanMm || Math.max(geometry.xMm, geometry.yMm, geometry.zMm),
    field: stress,
    working: null,
  };
}

/** A knock as the shape itself takes it: by where the energy of the blow gathers. */
function struck(bar: ServiceLoad, load: BriefLoad, field: LoadField): ServiceLoad {
  const { knockAlongPerMm2, knockBetweenPerMm2, alongMPa, betweenMPa } = field;
  if (knockAlongPerMm2 === null || knockBetweenPerMm2 === null) return bar;
  const energyJ = knockEnergyJ(load);
  const blow = (perMm2: number, acrossLayers: boolean): Blow => ({
    ...{ severityKJm2: shapeSeverityKJm2(energyJ, perMm2), acrossLayers, inputs: { perMm2 } },
  });
  const blows = [blow(knockAlongPerMm2, false), blow(knockBetweenPerMm2, true)];
  return {
    ...bar,
    acrossLayers: false,
    severityKJm2: Math.max(...blows.map(b => b.severityKJm2)),
    knockedOnShape: blows,
    field: { alongMPa, betweenMPa },
    working: { model: 'impact.drop', inputs: { energyJ } },
  };
}

const knockEnergyJ = ({ massKg, heightM }: BriefLoad): number =>
  dropEnergyJ({ massKg: massKg ?? 0, heightM: heightM ?? 0 });

/** A load with what printing leaves of its member. */
function asPrinted(service: ServiceLoad, brief: Brief): ServiceLoad {
  const load = brief.loads[service.index];
  const member = load ? printedMember(brief, load) : null;
  if (!member) return service;
  const { strengthRatio, stiffnessRatio, massRatio } = member.ratios;
  return {
    ...service,
    printed: { strength: strengthRatio, stiffness: stiffnessRatio, mass: massRatio },
    printedWorking: { model: 'section.printed', inputs: member.input },
  };
}

function serviceLoad(
  load: BriefLoad,
  index: number,
  { lifeYears, print }: Pick<Brief, 'lifeYears' | 'print'>,
): ServiceLoad {
  const base: ServiceLoad = {
    index,
    kind: load.kind,
    acrossLayers: load.acrossLayers,
    hours: load.hours ?? (load.kind === 'sustained' ? lifeYears * HOURS_A_YEAR : 0),
    cycles: load.cycles ?? (load.kind === 'cyclic' ? 10_000 : 1),
    stressMPa: null,
    stressLowMPa: null,
    deflectionTimesModulus: null,
    spanMm: null,
    strainPct: null,
    severityKJm2: null,
    knockedOnShape: null,
    bucklingOverModulus: null,
    forceN: load.forceN,
    clamped: load.case === 'clamp',
    field: null,
    printed: { strength: 1, stiffness: 1, mass: 1 },
    printedWorking: null,
    working: null,
  };
  const length = load.lengthMm ?? 0;
  const width = load.widthMm ?? 0;
  const height = load.heightMm ?? 0;
  switch (load.case) {
    case 'direct-stress':
      return { ...base, stressMPa: load.stressMPa };
    case 'clamp':
      return { ...base, stressMPa: load.stressMPa ?? (load.forceN ?? 0) / (load.areaMm2 ?? 1) };
    case 'insert': {
      const { walls, lineMm, infill } = print;
      const inputs = { forceN: load.forceN ?? 0, diameterMm: width, lengthMm: length, walls, lineMm, infill };
      const stressMPa = insertStressMPa(inputs);
      return withLowEnd({ ...base, stressMPa, working: { model: 'load.insert', inputs } }, load);
    }
    case 'snap-fit': {
      const inputs = {
        thicknessMm: load.thicknessMm ?? height,
        undercutMm: load.undercutMm ?? 0,
        lengthMm: length,
        cycles: base.cycles,
      };
      return { ...base, strainPct: snapFitStrainPct(inputs), working: { model: 'load.snap-fit', inputs } };
    }
    case 'drop': {
      const energyJ = knockEnergyJ(load);
      return {
        ...base,
        kind: 'impact',
        severityKJm2: impactSeverityKJm2(energyJ, width, height),
        working: { model: 'impact.drop', inputs: { energyJ, widthMm: width, heightMm: height } },
      };
    }
    case 'deceleration':
      return member(
        base,
        'cantilever',
        decelerationForceN({ massKg: load.massKg ?? 0, decelerationG: load.decelerationG ?? 0 }),
        length,
        width,
        height,
      );
    default:
      return withLowEnd(member(base, load.case, load.forceN ?? 0, length, width, height), load);
  }
}

/** Stress is proportional to force, so the lower end of one is that of the other. */
function withLowEnd(service: ServiceLoad, load: BriefLoad): ServiceLoad {
  return load.forceLowN !== null && load.forceN && service.stressMPa !== null
    ? { ...service, stressLowMPa: (service.stressMPa * load.forceLowN) / load.forceN }
    : service;
}

/** A member under a force. Tension and compression may come without a length: then only stress counts. */
function member(
  base: ServiceLoad,
  beamCase: BeamCase,
  forceN: number,
  length: number,
  width: number,
  height: number,
): ServiceLoad {
  const inputs = {
    case: beamCase,
    forceN,
    lengthMm: length || 1,
    widthMm: width,
    heightMm: height,
    modulusMPa: 1,
    poisson: 0.36,
  };
  const unit = beam(inputs);
  return {
    ...base,
    forceN,
    stressMPa: unit.stressMPa,
    deflectionTimesModulus: length ? unit.deflectionMm : null,
    spanMm: length || null,
    bucklingOverModulus: length ? unit.bucklingN : null,
    working: { model: 'load.beam', inputs },
  };
}
