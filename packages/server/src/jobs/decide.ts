import {
  decisionProblems,
  decisionRecord,
  familyKeys,
  InputError,
  premisedCandidates,
  premisesNow,
  robustnessInSteps,
  DRAWS,
  type Brief,
  type DecisionInput,
  type DecisionRecord,
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
}

/**
 * Works out the record of a decision. The draws run in slices, so that the server answers others meanwhile.
 * @throws InputError for a decision that cannot stand
 */
export async function decide(
  input: DecisionInput,
  ground: DecisionGround,
  decidedAt: string,
  draws = DRAWS,
): Promise<DecisionRecord> {
  const { brief, printer, weather } = ground;
  const problems = decisionProblems(input, brief, new Set([...familyKeys, ...ground.grades.map(g => g.key)]));
  if (problems.length) throw new InputError(problems);
  const premises = premisesNow(input, { brief, printer, weather, grades: [...ground.grades] });
  const steps = robustnessInSteps(brief, { printer, weather, families: premisedCandidates(premises), draws });
  let next = steps.next();
  while (!next.done) {
    await new Promise(resolve => setImmediate(resolve));
    next = steps.next();
  }
  return decisionRecord(input, decidedAt, premises, ground.given, next.value);
}
