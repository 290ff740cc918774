// Drills: questions made from the models, and when they come again.
export { calibration, calibrationWords, sureness } from './calibration.js';
export { drillKinds, drillNames, type Drill, type DrillKind, type DrillLab } from './drill.js';
export { ladder, type Ladder, type LadderInput, type Rung } from './ladder.js';
export { makeDrill, seedOfWord } from './make-drill.js';
export {
  daysOfWeek,
  kindStandings,
  kindsInTurn,
  plannedRound,
  type KindStanding,
  type PlannedDrill,
} from './schedule.js';
