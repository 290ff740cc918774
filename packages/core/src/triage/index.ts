// Fix: symptoms, causes, and the test that tells most.
export type { Cause, CauseDomain } from './cause.js';
export { FaultContext } from './fault-context.js';
export { causes, yesLikelihood } from './knowledge.js';
export { causeLabel, faultHistory, faultLessons, isSolved, rememberedWords } from './memory.js';
export { isSeenAlike, mergedFault } from './merge-faults.js';
export { limitOfCause, withLimit } from './printer-limit.js';
export { symptomIds, symptomWords, type SymptomId } from './symptoms.js';
export { tellingTests } from './telling-tests.js';
export { triageRank, triageWords, type RankedCause, type TriageResult } from './triage-rank.js';
