// The score: gates, criteria, schools, ranking, draws.
export { AS_GOOD_WITHIN, asGoodNames } from './as-good.js';
export type { LoadAssessment } from './assess-load.js';
export { assess, halfDoseOf } from './assess.js';
export { runnerUp, type AsGood, type Candidate, type Ranking, type Status } from './candidate.js';
export { HAZARD_NOTICE } from './cautions.js';
export { heatComfortK } from './comfort.js';
export { asJudged, conditionsIn, contextFor, contextOf, pigmentOf, type Context } from './context.js';
export { criterionLabels } from './criteria.js';
export type { Criterion } from './criteria/criterion.js';
export { deflectionCurve } from './deflection-curve.js';
export { desirability } from './desirability.js';
export { DOUBT_COSTS, doubtWords, scoreShown } from './doubt.js';
export { robustnessWords, withRobustness } from './draws/robustness-words.js';
export {
  DRAWS,
  robustness,
  robustnessInSteps,
  type Acceptability,
  type Robustness,
} from './draws/robustness.js';
export {
  gateLabel,
  gateNumbers,
  whyWithRescue,
  type Gate,
  type GateId,
  type GateRemedy,
  type PrintCheck,
} from './gate.js';
export { judgeAll, type RankOptions } from './judge.js';
export { partHeats } from './part-heat.js';
export { rank } from './rank.js';
export { roomAirOf } from './room-air.js';
export { scoreWorking, successWorking } from './score-working.js';
export { statusMark } from './status-mark.js';
