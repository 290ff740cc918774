import { AS_GOOD_WITHIN } from '../score/as-good.js';
import { scoreShown } from '../score/doubt.js';
import { METHOD_VERSION } from './method.js';
import { assumptions } from '../brief/assumptions.js';
import type { Acceptability, Robustness } from '../score/draws/robustness.js';
import { rank } from '../score/rank.js';
import type { Candidate, Ranking, Status } from '../score/candidate.js';
import { DecisionInput } from './decision-input.js';
import { type RecordPremises, premisedCandidates } from './premises.js';

/** `hornblende-decision/1`: a choice that stands, with its reasons, what was rejected and why, and all it rests on. */
export interface DecisionRecord extends DecisionInput {
  format: 'hornblende-decision';
  version: 1;
  part: string;
  decidedAt: string;
  libraryVersion: string;
  /** The method it was worked out by; absent before methods were numbered. */
  methodVersion?: string;
  premises: RecordPremises;
  ranking: Ranking;
  /** How sure: draws, seed, and each candidate's chances. */
  robustness: { draws: number; seed: number; candidates: Omit<Acceptability, 'rankAcceptability'>[] };
  rejected: { material: string; name: string; status: Status; score: number; why: string }[];
  assumptions: { label: string; shown: string }[];
}

/**
 * Writes the record of a decision.
 * @param given the brief as it was said, before defaults, from which the assumptions follow
 * @param sure the robustness of the same premises
 */
export function decisionRecord(
  input: DecisionInput,
  decidedAt: string,
  premises: RecordPremises,
  given: unknown,
  sure: Robustness,
): DecisionRecord {
  const { brief, printer, weather } = premises;
  const ranking = rank(brief, { printer, weather, families: premisedCandidates(premises) });
  const { firstChoice, secondChoice, reason, decidedBy, hazardAcknowledged } = input;
  return {
    format: 'hornblende-decision',
    version: 1,
    part: brief.name,
    firstChoice,
    secondChoice,
    reason,
    decidedBy,
    hazardAcknowledged,
    decidedAt,
    libraryVersion: premises.libraryVersion,
    methodVersion: METHOD_VERSION,
    premises,
    ranking,
    robustness: {
      draws: sure.draws,
      seed: sure.seed,
      candidates: sure.candidates.map(({ rankAcceptability: _places, ...c }) => c),
    },
    rejected: ranking.candidates
      .filter(c => c.material !== firstChoice && c.material !== secondChoice)
      .map(c => ({
        material: c.material,
        name: c.name,
        status: c.status,
        score: scoreShown(c),
        why: rejectedWhy(
          c,
          ranking.candidates.find(x => x.material === firstChoice),
        ),
      })),
    assumptions: assumptions(given, brief, ranking.conditions).map(({ label, shown }) => ({ label, shown })),
  };
}

function rejectedWhy(c: Candidate, first: Candidate | undefined): string {
  if (c.status === 'out')
    return c.gates
      .filter(g => g.verdict === 'fail')
      .map(g => g.why)
      .join(' ');
  const against = c.against[0] ?? 'Nothing against it.';
  return first ? `${against} ${behindWords(c, first)}` : against;
}

function behindWords(c: Candidate, first: Candidate): string {
  const behind = scoreShown(first) - scoreShown(c);
  if (Math.abs(behind) <= AS_GOOD_WITHIN) return `As good as ${first.name} by score.`;
  return `${Math.abs(behind).toFixed(2)} ${behind > 0 ? 'behind' : 'ahead of'} ${first.name}.`;
}
