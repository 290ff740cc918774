// Service: parts in use, looks at them, survival, evidence and calibration.
export { checksFor, type CheckId, type ServiceCheck } from './checks.js';
export { freshCode } from './code.js';
export { dueOf, type Due } from './due.js';
export { UNSURE, evidence, groupOf, groupings, type EvidenceGroup, type Grouping } from './evidence.js';
export { familiesFor } from './families-for.js';
export { fieldEvidence, withFieldEvidence, type FieldEvidence } from './field-evidence.js';
export { ServiceFieldInput } from './field-factor.js';
export {
  happened,
  happenedTally,
  judgedPart,
  lessonPlace,
  modelRecordWords,
  type Happened,
  type JudgedPart,
} from './happened.js';
export { failedKinds, failuresOfKind, type FailedKind } from './kin.js';
export { familyLesson } from './lesson.js';
export { loggedLike } from './logged-like.js';
export { mapMarks, type MapMark } from './map-marks.js';
export { modelCalibration, type ModelBias, type ModelCalibration } from './model-calibration.js';
export { failureModeWords, type FailureMode } from './modes.js';
export {
  aspectWords,
  consequenceWords,
  heatWords,
  loadWords,
  materialWords,
  pausesWords,
  placeText,
  seenWords,
  standingWords,
  sunWords,
  verdictWords,
  waterWords,
} from './place-words.js';
export { countedPart, type CountedPart, type Placed } from './placed.js';
export { acceptedScales, proposedScale, type AcceptedScale } from './proposed-scale.js';
export { serviceCsv } from './service-csv.js';
export { LEAST_YEARS, shareStanding } from './share-standing.js';
export {
  serviceRecord,
  serviceStanding,
  standingAt,
  yearsOut,
  type Look,
  type ServiceStanding,
} from './standing.js';
export { storySheet } from './story.js';
export { strengthKept, yearsToHalfBySpares } from './strength-kept.js';
export { serviceSurvival } from './survival.js';
