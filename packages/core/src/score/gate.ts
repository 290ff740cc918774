import type { CriterionId } from '../brief/choices.js';
import type { WorkingRef } from '../brief/conditions.js';
import { desirability } from './desirability.js';
import { LONGEST_TOLD_YEARS } from '../lib/time-words.js';
import { sig } from '../lib/figures.js';

/** Which requirement a gate guards. Printability gates carry the check after a dot. */
export type GateId =
  | 'purpose'
  | 'heat'
  | 'ageing'
  | 'strength'
  | 'stiffness'
  | 'creep'
  | 'clamp'
  | 'impact'
  | 'uv'
  | 'flex'
  | 'wear'
  | 'water'
  | 'chemicals'
  | 'contact'
  | 'electrical'
  | 'seal'
  | 'set'
  | 'steam'
  | 'surface'
  | 'air'
  | 'looks'
  | 'clarity'
  | 'float'
  | 'mass'
  | 'cost'
  | 'build'
  | `limit.${CriterionId}`
  | `printability.${PrintCheck}`;
/** What printing may be blocked by. */
export type PrintCheck =
  | 'nozzle'
  | 'bore'
  | 'lines'
  | 'liner'
  | 'bed'
  | 'chamber'
  | 'drive'
  | 'nozzle-metal'
  | 'plate'
  | 'dryer'
  | 'ventilation';
/** What a gate says. */
export type Verdict = 'pass' | 'marginal' | 'fail';

/** One requirement against one candidate. */
export interface Gate {
  id: GateId;
  verdict: Verdict;
  /** How much at ease it passes, of what is measured: 0 at its edge to 1 at its comfortable point, less by a detour. */
  ease?: number;
  need: number | string;
  have: number | string;
  unit: string;
  why: string;
  rescue: string | null;
  /** The change of the brief that does what the rescue says, where there is one. */
  remedy?: GateRemedy;
  working?: WorkingRef;
}

/** A change of the brief that is made with one press, and taken back with another. */
export interface GateRemedy {
  /** What a press does: "print it with 5 walls". */
  label: string;
  /** The field of the brief, e.g. "print.walls", and what it becomes. */
  path: string;
  value: unknown;
}

/** What would rescue a candidate at a gate, in words, and as a change of the brief. */
export interface Rescue {
  rescue: string;
  remedy?: GateRemedy;
}

/** Gates at which less is better: the need is a limit, not a minimum. */
export const limitGates: ReadonlySet<GateId> = new Set<GateId>([
  'stiffness',
  'creep',
  'mass',
  'cost',
  'float',
  'set',
  'air',
  'printability.chamber',
]);

type NamedGate = Exclude<GateId, `limit.${CriterionId}`>;
const labels: Readonly<Record<NamedGate, string>> = {
  purpose: 'Purpose',
  heat: 'Heat',
  ageing: 'Long heat',
  strength: 'Strength',
  stiffness: 'Stiffness',
  creep: 'Creep',
  clamp: 'Clamp',
  impact: 'Knocks',
  uv: 'Sun',
  flex: 'Flexibility',
  wear: 'Wear',
  water: 'Water',
  chemicals: 'Chemicals',
  contact: 'Contact',
  electrical: 'Electricity',
  seal: 'Tightness',
  set: 'Compression set',
  steam: 'Steam',
  surface: 'Surface',
  air: 'Room air',
  looks: 'Colour',
  clarity: 'Clarity',
  float: 'Floating',
  mass: 'Mass',
  cost: 'Cost',
  build: 'Build size',
  'printability.nozzle': 'Nozzle',
  'printability.bore': 'Nozzle bore',
  'printability.lines': 'Lines and layers',
  'printability.liner': 'Hot-end liner',
  'printability.bed': 'Bed',
  'printability.chamber': 'Warm air',
  'printability.drive': 'Drive',
  'printability.nozzle-metal': 'Nozzle metal',
  'printability.plate': 'Plate',
  'printability.dryer': 'Drying',
  'printability.ventilation': 'Ventilation',
};

/** A gate as people call it. */
export function gateLabel(id: GateId): string {
  return id in labels ? labels[id as NamedGate] : 'Your limit';
}

/** Whether less is better at a gate: also water that is taken up, but not strength that water leaves. */
export function isLimit(g: Pick<Gate, 'id' | 'unit'>): boolean {
  return limitGates.has(g.id) || (g.id === 'water' && g.unit.startsWith('%'));
}

/** A chance as times in a hundred. */
function inHundred(chance: number | string): string {
  const times = 100 * Number(chance);
  return times < 1 ? 'less than 1' : sig(times, 2);
}

/** Why a gate stands as it does, and what would let it pass, in sentences. */
export function whyWithRescue({ why, rescue }: Pick<Gate, 'why' | 'rescue'>): string {
  return rescue === null ? why : `${why} Rescue: ${rescue}.`;
}

/** What a gate has and needs, in a few words: "has 93, needs 60.1 °C" or "0.4 of at most 5 %". */
export function gateNumbers(g: Gate): string {
  const shown = (v: number | string): string => {
    if (typeof v === 'string') return v;
    // Nobody knows how long a plastic lasts beyond that: the sentence beside it says the same.
    if (g.unit === 'years to half' && v > LONGEST_TOLD_YEARS) return `more than ${LONGEST_TOLD_YEARS}`;
    return Number.isFinite(v) ? sig(v, 3) : 'no limit';
  };
  if (g.id === 'strength' && g.unit === '% strain')
    return `${shown(g.need)} of at most ${shown(g.have)} ${g.unit}`;
  // What is said in words on both sides needs saying once where it is met.
  if (typeof g.have === 'string' && typeof g.need === 'string')
    return g.verdict === 'pass' ? g.have : `${g.have}; needs: ${g.need}`;
  if (g.unit === 'chance of lifting') return `${inHundred(g.have)} of at most ${inHundred(g.need)} in 100`;
  return isLimit(g)
    ? `${shown(g.have)} of at most ${shown(g.need)} ${g.unit}`
    : `has ${shown(g.have)}, needs ${shown(g.need)} ${g.unit}`.trimEnd();
}

/** How much at ease something passes: 0 at the point where it fails, 1 from its comfortable one on. */
export function easeOf(value: number, limits: { fail: number; comfortable: number }): number {
  return limits.fail === limits.comfortable
    ? Number(value >= limits.fail)
    : desirability(value, limits.fail, limits.comfortable);
}

/** The verdict of a share that is left: fails under one limit, marginal under the other. */
export function byShare(share: number, limits: { fail: number; comfortable: number }): Verdict {
  if (share < limits.fail) return 'fail';
  return share < limits.comfortable ? 'marginal' : 'pass';
}

/** The verdict of something of which less is better: fails over one limit, marginal over the other. */
export function byLimit(value: number, limits: { fail: number; comfortable: number }): Verdict {
  if (value > limits.fail) return 'fail';
  return value > limits.comfortable ? 'marginal' : 'pass';
}

/** The verdict of a margin: fails below zero, marginal below the comfortable one. */
export function byMargin(margin: number, comfortable: number): Verdict {
  return margin < 0 ? 'fail' : margin < comfortable ? 'marginal' : 'pass';
}

/** Gates of the maker's own, besides those about printing, that say nothing of service. */
const otherThanService: ReadonlySet<GateId> = new Set<GateId>(['mass', 'cost', 'build', 'air']);

/**
 * How well a candidate stands: it passes with room; it only just passes, or its print is a gamble; it is made for
 * another purpose; it is out.
 */
export const STANDINGS = { fits: 0, doubtful: 1, unfit: 2, out: 3 } as const;

/** The chance of a good first print under which printing it is a gamble. */
export const GAMBLE = 0.7;

/** Whether a gate is about service rather than about printing, price or size. */
export function isOfService(id: GateId): boolean {
  return !otherThanService.has(id) && !id.startsWith('printability.') && !id.startsWith('limit.');
}

/** Doubt up to which a candidate still stands as one with room: a hair short of comfortable is no class of its own. */
export const HARDLY_DOUBTED = 1e-4;

/** What one gate makes of a candidate's standing; that of its print follows from its chance of success. */
export function standingOf(g: Pick<Gate, 'id' | 'verdict' | 'ease'>): number {
  if (g.verdict === 'pass') return STANDINGS.fits;
  if (g.verdict === 'fail') return STANDINGS.out;
  if (g.id === 'purpose') return STANDINGS.unfit;
  const doubted = isOfService(g.id) && 1 - (g.ease ?? 0) > HARDLY_DOUBTED;
  return doubted ? STANDINGS.doubtful : STANDINGS.fits;
}

/** The worst of several verdicts. */
export function worst(verdicts: Verdict[]): Verdict {
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('marginal') ? 'marginal' : 'pass';
}
