// Trials: coupons, readings, instruments and what they settle.
export { PUT_OUT, TO_LOSE, counted, judged, keepsLimit, trialAnswer, trialInput } from './answer.js';
export {
  asBriefAsks,
  benchCriteria,
  benchCriterion,
  criteriaFor,
  trialCriterionOf,
  type TrialAsks,
} from './bench-criteria.js';
export { TrialBendInput, trialBendModel } from './bend.js';
export {
  TrialBreakInput,
  breakMannerWords,
  breakManners,
  trialBreakModel,
  type BreakManner,
} from './break.js';
export { breakingsOf } from './breakings.js';
export type { TrialCompareResult, TrialMean, TrialPlace } from './compare.js';
export { trialCorrections, trialDifferences } from './corrections.js';
export { trialDoubts } from './doubts.js';
export { foreignKey } from './foreign.js';
export { trialRanking, type Belief, type TrialRanking, type TrialStanding } from './in-ranking.js';
export {
  instrumentFor,
  instrumentKinds,
  instrumentLine,
  simulatedInstrument,
  simulatedTruth,
  type Instrument,
  type InstrumentKind,
} from './instruments.js';
export { liftByDoor, type LiftByDoor } from './lift-by-door.js';
export { TrialLooksInput, trialLooksModel } from './looks.js';
export { gradeByTrial } from './measured-grade.js';
export { mergedTrial } from './merge.js';
export { WORTH_A_READING, readingsWorth, type ReadingWorth } from './next-reading.js';
export { withReading, type OpenTrial } from './open-trial.js';
export { trialPieces, type TrialPiece } from './pieces.js';
export { TrialPowerInput, trialPower } from './power.js';
export { expectedReading, readReading, readingRange } from './reading.js';
export { nextStep, type TrialStep } from './run-order.js';
export { SagLook, TrialSagInput, trialSagModel } from './sag.js';
export { trialSection } from './section.js';
export { StaircaseFall, TrialStaircaseInput, trialStaircaseModel } from './staircase.js';
export type { TrialGround } from './trial-ground.js';
export { trialSheet } from './trial-sheet.js';
export { wantedWords } from './wanted-words.js';
