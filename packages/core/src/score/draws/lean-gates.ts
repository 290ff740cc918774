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
import { byLimit, byMargin, byShare, type Verdict } from '../gate.js';
import { atEnds, SPRING_STRAIN_PCT } from '../gates/flex.js';
import { floatVerdict } from '../gates/float.js';
import { AIR_CHANCE } from '../gates/printing/chamber.js';
import { waterLimits } from '../gates/water.js';
import { slot } from './slots.js';
import type { LeanParts } from './lean-readings.js';

/** The gates that properties decide, for draws: before printing is worked out, and after. */
export interface LeanGates {
  service: (v: Float64Array) => Verdict;
  printing: () => Verdict;
}

/** One gate of a draw. */
type DrawGate = (v: Float64Array) => Verdict;

/** Makes the gates of a family ready for draws. */
export function leanGates(ctx: Context, f: Family, candidate: Candidate, parts: LeanParts): LeanGates {
  const service = serviceGates(ctx, f, candidate, parts);
  const printing = printingGates(ctx, candidate, parts);
  const none = new Float64Array(0);
  return { service: v => worstOf(service, v), printing: () => worstOf(printing, none) };
}

/** The worst verdict of several gates, without asking more than needed. */
function worstOf(gates: readonly DrawGate[], v: Float64Array): Verdict {
  let worst: Verdict = 'pass';
  for (const gate of gates) {
    const verdict = gate(v);
    if (verdict === 'fail') return 'fail';
    if (verdict === 'marginal') worst = 'marginal';
  }
  return worst;
}

function serviceGates(
  { brief, conditions: c, solidFraction }: Context,
  f: Family,
  candidate: Candidate,
  { loads, lasting }: LeanParts,
): DrawGate[] {
  const heatK = heatComfortK[brief.ifItFails];
  const sun = uvComfort[brief.ifItFails];
  const moved = deflectionLimits(brief);
  const has = (id: string): boolean => candidate.gates.some(g => g.id === id);
  const gates: (DrawGate | null)[] = [
    () => byMargin(loads.allowableC - c.partMaxC, heatK),
    () => byShare(lasting.aged, ageingLimits),
    () => byShare(loads.reserve, { fail: 1, comfortable: STRENGTH_COMFORT }),
    has('stiffness') ? () => (loads.deflectionPct > moved.fail ? 'fail' : 'pass') : null,
    has('creep') ? () => byLimit(loads.creepPct, moved) : null,
    has('clamp') ? () => byShare(loads.clampLeft, clampLimits) : null,
    () => byShare(loads.knock, { fail: 1, comfortable: IMPACT_COMFORT }),
    has('uv') ? () => byShare(lasting.uv, { fail: UV_FAIL_SHARE * sun, comfortable: sun }) : null,
    flexGate(brief, f),
    brief.water === 'dry' ? null : waterGate(brief.water, lasting),
    brief.mustFloat ? v => floatVerdict(v[slot.densityGcm3]!, solidFraction) : null,
  ];
  return gates.filter(g => g !== null);
}

function waterGate(water: keyof typeof waterLimits, lasting: LeanParts['lasting']): DrawGate {
  const limits = waterLimits[water];
  return v => {
    const soaked = byLimit(v[slot.waterUptakePct]!, limits);
    if (soaked === 'fail') return 'fail';
    const worn = byShare(lasting.soaked, ageingLimits);
    return worn === 'pass' ? soaked : worn;
  };
}

/** The gate of flexibility, for the wants that a drawn property decides; folding follows from the family. */
function flexGate(brief: Brief, f: Family): DrawGate | null {
  switch (brief.flex.want) {
    case 'rigid':
      return v => byShare(v[slot.modulusMPa]!, RIGID_MPA);
    case 'springy':
      return v =>
        v[slot.modulusMPa]! < FLOPPY_MPA ? 'fail' : byShare(v[slot.strainRepeatedPct]!, SPRING_STRAIN_PCT);
    case 'hinge':
      return v => (f.flags.hinge === 'short' || v[slot.modulusMPa]! < FLOPPY_MPA ? 'marginal' : 'pass');
    case 'rubbery': {
      const [low, high] = hardnessWanted(brief);
      return v => {
        const a = v[slot.shoreA]!;
        return a >= low && a <= high ? atEnds(a, low, high) : 'fail';
      };
    }
  }
}

function printingGates({ brief }: Context, candidate: Candidate, { print }: LeanParts): DrawGate[] {
  const { minMassG, maxMassG, maxCostEach } = brief;
  const split = candidate.printing.pSplit;
  const onPrinter = candidate.gates.some(g => g.id === 'printability.chamber');
  const gates: (DrawGate | null)[] = [
    maxMassG === null ? null : () => (print.massG <= maxMassG ? 'pass' : 'fail'),
    minMassG === null ? null : () => (print.massG >= minMassG ? 'pass' : 'fail'),
    maxCostEach === null ? null : () => (print.costEach <= maxCostEach ? 'pass' : 'fail'),
    onPrinter
      ? () => {
          const chance = Math.max(split, print.pLift);
          if (chance >= AIR_CHANCE.fail) return 'fail';
          return chance >= AIR_CHANCE.marginal ? 'marginal' : 'pass';
        }
      : null,
  ];
  return gates.filter(g => g !== null);
}
