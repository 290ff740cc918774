import { hardnessWanted } from '../../brief/hardness.js';
import type { Brief } from '../../brief/brief.js';
import type { Family } from '../../materials/family.js';
import type { Candidate } from '../candidate.js';
import {
  ageingLimits,
  clampLimits,
  deflectionLimits,
  heatComfortK,
  IMPACT_COMFORT,
  STRENGTH_COMFORT,
  UV_FAIL_SHARE,
  uvComfort,
} from '../comfort.js';
import type { Context } from '../context.js';
import { FLOPPY_MPA, RIGID_MPA } from '../flexibility.js';
import { easeOf } from '../gate.js';
import { endEase, hardestSoftened, hingeEase, SOFTENED_EASE, SPRING_STRAIN_PCT } from '../gates/flex.js';
import { isDeadRubber } from '../gates/heat.js';
import { floatVerdict, ON_ITS_HOLLOWS } from '../gates/float.js';
import { BRITTLE } from '../gates/impact.js';
import { AIR_CHANCE } from '../gates/printing/chamber.js';
import { waterLimits } from '../gates/water.js';
import { isBeyondTests } from '../assess.js';
import { slot } from './slots.js';
import type { DrawnParts } from './drawn-parts.js';

/** What a gate of a draw says where it fails; else how much at ease it passes, 0 to 1. */
export const FAILED = -1;

/** The gates that properties decide, for draws: before printing is worked out, and after. */
export interface LeanGates {
  /** The least ease of the service gates; {@link FAILED} where one fails. */
  service: (v: Float64Array) => number;
  /** Whether no limit of printing is broken. */
  printing: () => boolean;
}

/** One gate of a draw. */
type DrawGate = (v: Float64Array) => number;

/** Makes the gates of a family ready for draws. */
export function leanGates(ctx: Context, f: Family, candidate: Candidate, parts: DrawnParts): LeanGates {
  const service = serviceGates(ctx, f, candidate, parts);
  const printing = printingLimits(ctx, candidate, parts);
  return {
    service(v) {
      let least = 1;
      for (const gate of service) {
        const ease = gate(v);
        if (ease === FAILED) return FAILED;
        if (ease < least) least = ease;
      }
      return least;
    },
    printing: () => printing.every(holds => holds()),
  };
}

/** The ease of a quantity of which more is better. */
function atLeast(value: number, limits: { fail: number; comfortable: number }): number {
  return value < limits.fail ? FAILED : easeOf(value, limits);
}

/** The ease of a quantity of which less is better. */
function atMost(value: number, limits: { fail: number; comfortable: number }): number {
  return value > limits.fail ? FAILED : easeOf(value, limits);
}

function serviceGates(
  { brief, conditions: c, solidFraction }: Context,
  f: Family,
  candidate: Candidate,
  { loads, lasting }: DrawnParts,
): DrawGate[] {
  const heat = { fail: 0, comfortable: heatComfortK[brief.ifItFails] };
  const sun = uvComfort[brief.ifItFails];
  const uv = { fail: UV_FAIL_SHARE * sun, comfortable: sun };
  const strength = { fail: 1, comfortable: STRENGTH_COMFORT };
  const impact = { fail: 1, comfortable: IMPACT_COMFORT };
  const moved = deflectionLimits(brief);
  const has = (id: string): boolean => candidate.gates.some(g => g.id === id);
  const gates: (DrawGate | null)[] = [
    isDeadRubber({ brief }, f) ? () => FAILED : () => atLeast(loads.allowableC - c.partMaxC, heat),
    () => atLeast(lasting.aged, ageingLimits),
    () => atLeast(loads.reserve, strength),
    has('stiffness') ? () => (loads.deflectionPct > moved.fail ? FAILED : 1) : null,
    has('creep') ? () => atMost(loads.creepPct, moved) : null,
    has('clamp') ? () => atLeast(loads.clampLeft, clampLimits) : null,
    () => atLeast(loads.knock, impact),
    has('impact') && !loads.knocks ? () => easeOf(loads.charpyCold, BRITTLE) : null,
    has('uv') ? () => atLeast(lasting.uv, uv) : null,
    flexGate(brief, f),
    brief.water === 'dry' ? null : waterGate(brief.water, lasting, !isBeyondTests({ conditions: c })),
    brief.heat.steamCycles > 0 ? steamGate(brief, f, lasting) : null,
    brief.mustFloat ? v => floatEase(v[slot.densityGcm3]!, solidFraction) : null,
  ];
  return gates.filter(g => g !== null);
}

function floatEase(densityGcm3: number, solidFraction: number): number {
  return { pass: 1, marginal: ON_ITS_HOLLOWS, fail: FAILED }[floatVerdict(densityGcm3, solidFraction)];
}

function waterGate(
  water: keyof typeof waterLimits,
  lasting: DrawnParts['lasting'],
  known: boolean,
): DrawGate {
  const limits = waterLimits[water];
  return v => {
    const soaked = atMost(v[slot.waterUptakePct]!, limits);
    if (soaked === FAILED || !known) return soaked;
    const worn = atLeast(lasting.soaked, ageingLimits);
    return worn < 1 ? worn : soaked;
  };
}

function steamGate({ heat }: Brief, f: Family, lasting: DrawnParts['lasting']): DrawGate {
  if (!f.properties.steamCycles134) return () => FAILED;
  return v => (v[slot.unloadedC]! < heat.steamC ? FAILED : atLeast(lasting.steamed, ageingLimits));
}

/** The gate of flexibility, for the wants that a drawn property decides; folding follows from the family. */
function flexGate(brief: Brief, f: Family): DrawGate | null {
  switch (brief.flex.want) {
    case 'rigid':
      return v => atLeast(v[slot.modulusMPa]!, RIGID_MPA);
    case 'springy':
      return v =>
        v[slot.modulusMPa]! < FLOPPY_MPA ? FAILED : atLeast(v[slot.strainRepeatedPct]!, SPRING_STRAIN_PCT);
    case 'hinge':
      return v => hingeEase(f.flags.hinge, v[slot.modulusMPa]! < FLOPPY_MPA);
    case 'rubbery': {
      const [low, high] = hardnessWanted(brief);
      const hardest = hardestSoftened(brief, high);
      return v => {
        const a = v[slot.shoreA]!;
        if (a >= low && a <= high) return endEase(a, low, high);
        return a > high && a <= hardest ? SOFTENED_EASE : FAILED;
      };
    }
  }
}

function printingLimits({ brief }: Context, candidate: Candidate, { print }: DrawnParts): (() => boolean)[] {
  const { minMassG, maxMassG, maxCostEach } = brief;
  const split = Math.max(candidate.printing.pSplit, candidate.printing.plateLift?.pPlate ?? 0);
  const onPrinter = candidate.gates.some(g => g.id === 'printability.chamber');
  const limits: ((() => boolean) | null)[] = [
    maxMassG === null ? null : () => print.massG <= maxMassG,
    minMassG === null ? null : () => print.massG >= minMassG,
    maxCostEach === null ? null : () => print.costEach <= maxCostEach,
    onPrinter ? () => Math.max(split, print.pLift) < AIR_CHANCE.fail : null,
  ];
  return limits.filter(l => l !== null);
}
