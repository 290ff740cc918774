import type { CriterionId, School } from '../brief/choices.js';
import type { Baked } from '../materials/family.js';
import type { Conditions } from '../brief/conditions.js';
import type { PrintEconomicsInput, PrintEconomicsResult } from '../print/economics.js';
import type { Criterion } from './criteria/criterion.js';
import type { Gate, GateId } from './gate.js';
import type { Printability } from './printability.js';

/** How a candidate stands: in the running, only just, or not at all. */
export type Status = 'fits' | 'marginal' | 'out';

/** One candidate of a ranking. */
export interface Candidate {
  /** The key of a family or a grade. */
  material: string;
  name: string;
  /** The family's key: that of the candidate itself unless it is a grade. */
  family: string;
  /** Set where it is judged as an oven leaves it, because only so it passes. */
  baked: Pick<Baked, 'ovenC' | 'hours' | 'shrinkagePct'> | null;
  status: Status;
  /** How well it stands before any score, see `standingOf`: the less the better. */
  standing: number;
  /** 1 is the first choice; null when out. */
  rank: number | null;
  /** By its criteria alone, 0 to 1, as the school has it. */
  score: number;
  /** The worst doubt whether it holds or prints, 0 to 1.5, and what about. */
  doubt: number;
  doubtAbout: GateId | 'print' | null;
  /** What it is ordered by: the score less 0.4 of the doubt. */
  rating: number;
  /** The chance that it holds in service, 0 to 1; null where it is out, or far down. It does not order. */
  pHolds: number | null;
  gates: Gate[];
  criteria: Criterion[];
  for: string[];
  against: string[];
  cautions: string[];
  /** The hottest that the part gets in it, °C: in black, where it comes in nothing lighter than is wanted. */
  partC: number;
  /** What one print of it takes and how likely it succeeds: the figures of the print card and of the ways to lay it. */
  print: Pick<PrintEconomicsResult, 'massG' | 'hours' | 'costEach'> & Pick<Printability, 'success'>;
  printing: Pick<
    Printability,
    | 'success'
    | 'modelSuccess'
    | 'record'
    | 'difficulty'
    | 'asks'
    | 'factors'
    | 'pLift'
    | 'pSplit'
    | 'bowInput'
    | 'liftInput'
    | 'adhesion'
    | 'plateLift'
  > &
    PrintEconomicsResult & { economicsInput: PrintEconomicsInput };
}

/** One of those that are as good as the first choice: a family with those of its own grades that are so too. */
export interface AsGood {
  family: string;
  /** The best of them: the family itself or a grade. */
  material: string;
  name: string;
  /** Others of the same family that are as good. */
  variants: { material: string; name: string }[];
}

/** `hornblende-ranking/1`. */
export interface Ranking {
  format: 'hornblende-ranking';
  version: 1;
  school: School;
  firstChoice: string | null;
  secondChoice: string | null;
  /** Everyone whom the data cannot tell from the first choice, the first among them. */
  asGood: AsGood[];
  conditions: Conditions;
  weights: Record<CriterionId, number>;
  candidates: Candidate[];
}

/**
 * The second choice: the best that is not another spool of the first's own family; where there is no other
 * family, the next grade.
 */
export function runnerUp(running: readonly Candidate[]): Candidate | null {
  return running.find((c, i) => i > 0 && c.family !== running[0]?.family) ?? running[1] ?? null;
}
