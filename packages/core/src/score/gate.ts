import type { WorkingRef } from '../brief/conditions.js';

/** Which requirement a gate guards. Printability gates carry the check after a dot. */
export type GateId = 'purpose' | 'heat' | 'strength' | 'creep' | 'impact' | 'uv' | 'flex' | 'water' | 'chemicals' | 'clarity' | 'float' | 'mass' | 'cost' | 'build' | `printability.${PrintCheck}`;
export type PrintCheck = 'nozzle' | 'liner' | 'bed' | 'chamber' | 'drive' | 'nozzle-metal' | 'plate' | 'dryer' | 'ventilation';
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

/** The verdict of a margin: fails below zero, marginal below the comfortable one. */
export function byMargin(margin: number, comfortable: number): Verdict {
  return margin < 0 ? 'fail' : margin < comfortable ? 'marginal' : 'pass';
}

/** The worst of several verdicts. */
export function worst(verdicts: Verdict[]): Verdict {
  return verdicts.includes('fail') ? 'fail' : verdicts.includes('marginal') ? 'marginal' : 'pass';
}
