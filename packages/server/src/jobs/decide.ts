import {
  decisionProblems,
  decisionRecord,
  familiesFor,
  familyKeys,
  InputError,
  premisedCandidates,
  premisesNow,
  robustness,
  DRAWS,
  type Brief,
  type DecisionInput,
  type DecisionRecord,
  type FieldEvidence,
  type Grade,
  type Printer,
  type Weather,
} from '@hornblende/core';

/** What a decision is taken on. */
export interface DecisionGround {
  brief: Brief;
  given: unknown;
  printer: Printer | null;
  weather: Weather | null;
  grades: readonly Grade[];
  /** What own parts say of families outdoors; default nothing. */
  field?: readonly FieldEvidence[];
}

/** Works out the record of a decision: a second or two, so off the main thread. @throws InputError */
export function decide(
  input: DecisionInput,
  ground: DecisionGround,
  decidedAt: string,
  draws = DRAWS,
): DecisionRecord {
  const { brief, printer, weather } = ground;
  const problems = decisionProblems(input, brief, new Set([...familyKeys, ...ground.grades.map(g => g.key)]));
  if (problems.length) throw new InputError(problems);
  const premises = premisesNow(input, {
    brief,
    printer,
    weather,
    grades: [...ground.grades],
    families: familiesFor(brief, ground.field ?? []),
  });
  const sure = robustness(brief, { printer, weather, families: premisedCandidates(premises), draws });
  return decisionRecord(input, decidedAt, premises, ground.given, sure);
}
