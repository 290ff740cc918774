import type { WorkingRef } from '../brief/conditions.js';
import { sig } from '../lib/figures.js';

/** Which requirement a gate guards. Printability gates carry the check after a dot. */
export type GateId =
  | 'purpose'
  | 'heat'
  | 'strength'
  | 'creep'
  | 'impact'
  | 'uv'
  | 'flex'
  | 'water'
  | 'chemicals'
  | 'clarity'
  | 'float'
  | 'mass'
  | 'cost'
  | 'build'
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
export const limitGates: ReadonlySet<GateId> = new Set<GateId>(['creep', 'water', 'mass', 'cost', 'float']);

const labels: Record<string, string> = {
  purpose: 'Purpose',
  heat: 'Heat',
  strength: 'Strength',
  creep: 'Creep',
  impact: 'Knocks',
  uv: 'Sun',
  flex: 'Flexibility',
  water: 'Water',
  chemicals: 'Chemicals',
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
  return labels[id] ?? id;
}

/** What a gate has and needs, in a few words: "has 93, needs 60.1 °C" or "0.4 of at most 5 %". */
export function gateNumbers(g: Gate): string {
  const shown = (v: number | string): string =>
    typeof v === 'number' ? (Number.isFinite(v) ? sig(v, 3) : 'no limit') : v;
  if (g.id === 'strength' && g.unit === '% strain')
    return `${shown(g.need)} of at most ${shown(g.have)} ${g.unit}`;
  return limitGates.has(g.id)
    ? `${shown(g.have)} of at most ${shown(g.need)} ${g.unit}`
    : `has ${shown(g.have)}, needs ${shown(g.need)} ${g.unit}`.trimEnd();
}

/** The verdict of a margin: fails below zero, marginal below the comfortable one. */
export function byMargin(margin: number, comfortable: number): Verdict {
  return margin < 0 ? 'fail' : margin < comfortable ? 'marginal' : 'pass';
}

/** The worst of several verdicts. */
export function worst(verdicts: Verdict[]): Verdict {
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('marginal') ? 'marginal' : 'pass';
}
