import {
  DecisionInput,
  decisionProblems,
  decisionRecord,
  familyKeys,
  InputError,
  parseInput,
  premisedCandidates,
  premisesNow,
  robustness,
  type DecisionRecord,
} from '@hornblende/core';
import type { Ground } from './ground.js';

/** What `hornblende decide` is told. */
export interface DecideOptions {
  first: string;
  second?: string;
  reason: string;
  by: string;
  acknowledge?: boolean;
  at?: string;
  draws: number;
  seed: number;
  as: 'markdown' | 'html' | 'json';
  json?: boolean;
}

/**
 * Records a decision without a database: from the same premises it is the record that the application
 * writes. @throws InputError
 */
export function decideOn(g: Ground, o: DecideOptions): DecisionRecord {
  const input = parseInput(DecisionInput, {
    firstChoice: o.first,
    secondChoice: o.second ?? null,
    reason: o.reason,
    decidedBy: o.by,
    hazardAcknowledged: o.acknowledge ?? false,
  });
  const at = o.at ?? new Date().toISOString();
  const problems = decisionProblems(input, g.brief, new Set([...familyKeys, ...g.grades.map(x => x.key)]));
  if (!Number.isFinite(Date.parse(at)))
    problems.push({ field: 'at', value: at, message: 'must be a time such as 2026-03-14T09:20:00Z' });
  if (problems.length) throw new InputError(problems);
  const how = { printer: g.printer, weather: g.weather };
  const premises = premisesNow(input, { brief: g.brief, ...how, grades: g.grades });
  return decisionRecord(
    input,
    at,
    premises,
    g.given,
    robustness(g.brief, { ...how, families: premisedCandidates(premises), draws: o.draws, seed: o.seed }),
  );
}
