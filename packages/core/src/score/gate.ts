import type { CriterionId } from '../brief/choices.js';
import type { WorkingRef } from '../brief/conditions.js';
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
  'nozzle' | 'liner' | 'bed' | 'chamber' | 'drive' | 'nozzle-metal' | 'plate' | 'dryer' | 'ventilation';
/** What a gate says. */
export type Verdict = 'pass' | 'marginal' | 'fail';

/** One requirement against one candidate. */
export interface Gate {
  id: GateId;
  verdict: Verdict;
  need: number | string;
  have: number | string;
  unit: string;
  why: string;
  rescue: string | null;
  working?: WorkingRef;
}

/** Gates at which less is better: the need is a limit, not a minimum. */
export const limitGates: ReadonlySet<GateId> = new Set<GateId>([
  'stiffness',
  'creep',
  'mass',
  'cost',
  'float',
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
  looks: 'Colour',
  clarity: 'Clarity',
  float: 'Floating',
  mass: 'Mass',
  cost: 'Cost',
  build: 'Build size',
  'printability.nozzle': 'Nozzle',
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
function isLimit(g: Gate): boolean {
  return limitGates.has(g.id) || (g.id === 'water' && g.unit.startsWith('%'));
}

/** What a gate has and needs, in a few words: "has 93, needs 60.1 °C" or "0.4 of at most 5 %". */
export function gateNumbers(g: Gate): string {
  const shown = (v: number | string): string =>
    typeof v === 'number' ? (Number.isFinite(v) ? sig(v, 3) : 'no limit') : v;
  if (g.id === 'strength' && g.unit === '% strain')
    return `${shown(g.need)} of at most ${shown(g.have)} ${g.unit}`;
  return isLimit(g)
    ? `${shown(g.have)} of at most ${shown(g.need)} ${g.unit}`
    : `has ${shown(g.have)}, needs ${shown(g.need)} ${g.unit}`.trimEnd();
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
const otherThanService: ReadonlySet<GateId> = new Set<GateId>(['mass', 'cost', 'build']);
/** Checks of printing that put the part itself in doubt rather than the keeper's patience. */
const gambles: ReadonlySet<GateId> = new Set<GateId>(['printability.chamber', 'printability.dryer']);

/**
 * How well a candidate stands: it passes with room; it passes, but its print is a gamble (air, drying); it only
 * just passes in service; it is made for another purpose; it is out. Other checks of printing cost difficulty instead.
 */
export const STANDINGS = { fits: 0, gamble: 1, doubtful: 2, unfit: 3, out: 4 } as const;

/** What one gate makes of a candidate's standing. */
export function standingOf(g: Pick<Gate, 'id' | 'verdict'>): number {
  if (g.verdict === 'pass') return STANDINGS.fits;
  if (g.verdict === 'fail') return STANDINGS.out;
  if (gambles.has(g.id)) return STANDINGS.gamble;
  if (g.id === 'purpose') return STANDINGS.unfit;
  const printing = otherThanService.has(g.id) || g.id.startsWith('printability.');
  return printing ? STANDINGS.fits : STANDINGS.doubtful;
}

/** The worst of several verdicts. */
export function worst(verdicts: Verdict[]): Verdict {
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('marginal') ? 'marginal' : 'pass';
}
