import { hardnessWanted } from '../../brief/hardness.js';
import type { Brief } from '../../brief/brief.js';
import type { CriterionId } from '../../brief/choices.js';
import { bakedFamily } from '../../materials/baked.js';
import { extremeOf } from '../../materials/extreme.js';
import type { Family } from '../../materials/family.js';
import { propertyNames, type PropertyName } from '../../materials/property.js';
import { criterionIds } from '../../brief/choices.js';
import { contextFor, type Context } from '../context.js';
import { desirabilityOn } from '../desirability.js';
import { doubtOf, printDoubt } from '../doubt.js';
import { GAMBLE, HARDLY_DOUBTED, STANDINGS, isOfService, standingOf, type GateId } from '../gate.js';
import { judge } from '../judge.js';
import type { Candidate } from '../candidate.js';
import { FAILED, leanGates } from './lean-gates.js';
import { leanLasting } from './lean-lasting.js';
import { leanLoads } from './lean-loads.js';
import { leanPrint } from './lean-print.js';
import { leanReadings } from './lean-readings.js';
import { spoolGroup } from './spool-groups.js';
import { slot } from './slots.js';

/** What one draw makes of a candidate. */
export interface LeanVerdict {
  running: boolean;
  /** How well it stands before any score, as in a ranking. */
  standing: number;
  /** The worst doubt, as in a ranking. */
  doubt: number;
  difficulty: number;
  cost: number;
}

/** A property that is drawn for a candidate. */
export interface Drawn {
  name: PropertyName;
  slot: number;
  low: number;
  typical: number;
  high: number;
  /** Properties of one group are one spool's: they share a draw; −1 stands alone. */
  group: number;
}

/**
 * A candidate made ready for a million draws: what does not depend on its properties is worked out once,
 * integrals are tabulated, and no sentence is written. Judges as `rank` does, within the tables' rounding; a
 * test holds them together.
 */
export interface LeanCandidate {
  candidate: Candidate;
  /** The family as it is judged: as printed, or as an oven leaves it. */
  family: Family;
  /** Properties that its score or its gates rest on, and that have a range. */
  varies: Drawn[];
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
  'ageing',
  'strength',
  'stiffness',
  'creep',
  'clamp',
  'impact',
  'uv',
  'flex',
  'water',
  'steam',
  'float',
  'mass',
  'cost',
  'printability.chamber',
  ...criterionIds.map(id => `limit.${id}` as const),
]);

/**
 * Gates that each get easier with every property that they rest on: what fails them as the best spool of
 * its family fails them always.
 */
const monotone: ReadonlySet<GateId> = new Set<GateId>([
  'heat',
  'ageing',
  'strength',
  'stiffness',
  'creep',
  'clamp',
  'impact',
  'uv',
  'water',
  'steam',
]);

/** The properties that this brief's gates and criteria rest on: only these are drawn. */
function relevant(ctx: Context, ids: readonly CriterionId[]): ReadonlySet<PropertyName> {
  const { brief, loads, conditions: c } = ctx;
  const stressed = loads.filter(l => l.stressMPa !== null);
  const held = loads.some(l => l.kind === 'sustained');
  const strained = loads.some(l => l.strainPct !== null);
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
        'ageingIndexC',
        'unloadedC',
      ],
    ],
    [stressed.some(l => l.kind !== 'impact'), ['hdt045C', 'hdt18C']],
    [stressed.length > 0, ['yieldMPa']],
    [loads.some(l => l.acrossLayers || l.field !== null), ['zRatio']],
    [held, ['timeSlope', 'creepA', 'creepN', 'creepKPerK']],
    [stressed.some(l => l.cycles > 1), ['fatigueSlope']],
    [stressed.length > 0 && wet, ['wetFactor']],
    [brief.water !== 'dry', ['waterHalfLifeY']],
    [brief.heat.steamCycles > 0, ['steamCycles134']],
    [c.uvDoseMJm2 > 0, ['uvHalfDoseMJm2']],
    [c.uvDoseMJm2 > 0 && brief.outdoorSchool === 'field', ['fieldUvFactor']],
    [knocks, ['charpy23KJm2', 'charpyMinus30KJm2', 'charpyUnnotched23KJm2']],
    [strained || brief.flex.want === 'springy', ['strainOncePct', 'strainRepeatedPct', 'coldStrainShare']],
    [brief.flex.want === 'rubbery', ['shoreA']],
    [brief.water !== 'dry' || ids.includes('accuracy') || ids.includes('moisture'), ['waterUptakePct']],
  ];
  return new Set(list.flatMap(([asked, names]) => (asked ? names : [])));
}

/** Every property of a family at its typical value, by slot; NaN where it has none. */
function typicalsOf(f: Family): Float64Array {
  const typicals = new Float64Array(propertyNames.length).fill(NaN);
  for (const n of propertyNames) {
    const p = f.properties[n];
    if (p) typicals[slot[n]] = p.typical;
  }
  return typicals;
}

/** What is drawn of a family. */
function drawnOf(ctx: Context, f: Family, ids: readonly CriterionId[]): Drawn[] {
  const asked = relevant(ctx, ids);
  return propertyNames.flatMap(name => {
    const p = f.properties[name];
    return p && asked.has(name) && p.high > p.low
      ? [{ name, slot: slot[name], low: p.low, typical: p.typical, high: p.high, group: spoolGroup(name) }]
      : [];
  });
}

/** Whether a candidate is out whatever its properties are within their ranges. */
function isAlwaysOut(
  asked: Context,
  f: Family,
  candidate: Candidate,
  weights: Record<CriterionId, number>,
): boolean {
  const { brief } = asked;
  if (candidate.gates.some(g => g.verdict === 'fail' && !drawn.has(g.id))) return true;
  if (brief.flex.want === 'hinge' && f.flags.hinge === 'no') return true;
  if (brief.water !== 'dry' && f.flags.soluble) return true;
  if (rubberOut(brief, f)) return true;
  if (candidate.status !== 'out') return false;
  const best = judge(asked, extremeOf(f, 'best'), weights, brief.school);
  return best.gates.some(g => g.verdict === 'fail' && monotone.has(g.id));
}

/** The verdict on what is out whatever is drawn. */
function neverRuns(_v: Float64Array, _d: Float64Array, verdict: LeanVerdict): void {
  verdict.running = false;
}

/**
 * Makes a candidate ready for draws.
 * @param ids the criteria that weigh anything, in the order that `d` is filled
 */
export function leanCandidate(
  asked: Context,
  printed: Family,
  weights: Record<CriterionId, number>,
  ids: readonly CriterionId[],
): LeanCandidate {
  const candidate = judge(asked, printed, weights, asked.brief.school);
  const ctx = contextFor(asked, printed);
  const f = candidate.baked ? bakedFamily(printed) : printed;
  if (isAlwaysOut(asked, printed, candidate, weights))
    return { candidate, family: f, varies: [], typicals: typicalsOf(f), alwaysOut: true, judge: neverRuns };
  const fixed = candidate.gates.filter(g => !drawn.has(g.id));
  const otherwise = Math.max(STANDINGS.fits, ...fixed.map(standingOf));
  const fixedDoubt = doubtOf(
    fixed.filter(g => isOfService(g.id)),
    1,
  ).value;
  const loads = leanLoads(ctx, f);
  const lasting = leanLasting(ctx, f);
  const print = leanPrint(ctx, f, candidate);
  const gates = leanGates(ctx, f, candidate, { loads, lasting, print });
  const readings = leanReadings(ctx, f, candidate, { loads, lasting, print });
  const points = ids.map(id => {
    const k = candidate.criteria.find(x => x.id === id);
    const { unacceptable = 0, comfortable = 1, log } = k ?? {};
    return {
      read: readings[id],
      at: { unacceptable, comfortable, ...(log ? { log } : {}) },
      gates: ctx.brief.points[id] !== undefined,
    };
  });

  function judgeDraw(v: Float64Array, d: Float64Array, verdict: LeanVerdict): void {
    verdict.running = false;
    loads.of(v);
    lasting.of(v);
    const ease = gates.service(v);
    if (ease === FAILED) return;
    print.of(v);
    if (!gates.printing()) return;
    const roomy = 1 - ease <= HARDLY_DOUBTED && print.success >= GAMBLE;
    verdict.standing = Math.max(otherwise, roomy ? STANDINGS.fits : STANDINGS.doubtful);
    verdict.doubt = Math.max(fixedDoubt, 1 - ease, printDoubt(print.success));
    verdict.difficulty = print.difficulty;
    verdict.cost = print.costEach;
    for (let i = 0; i < points.length; i++) {
      const { read, at, gates: limits } = points[i]!;
      d[i] = desirabilityOn(read(v), at);
      if (limits && d[i] === 0) return;
    }
    verdict.running = true;
  }
  return {
    candidate,
    family: f,
    varies: drawnOf(ctx, f, ids),
    typicals: typicalsOf(f),
    alwaysOut: false,
    judge: judgeDraw,
  };
}

/** A rubbery part asks for a hardness that the family's range reaches at all. */
function rubberOut(brief: Brief, f: Family): boolean {
  if (brief.flex.want !== 'rubbery') return false;
  const [low, high] = hardnessWanted(brief);
  const p = f.properties.shoreA;
  return !p || p.high < low || p.low > high;
}
