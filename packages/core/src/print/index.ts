// Print: settings, recipes, mass, time, money and how several materials go together.
export { bestAdhesion } from './adhesion.js';
export { aidSentence } from './aid-words.js';
export { changerSentence } from './changer.js';
export { printEconomics, printFlowMm3s } from './economics.js';
export { gaugeCalibrationFor, gaugeDoubts } from './gauge-calibration.js';
export { readGcode, type GcodeReport } from './gcode.js';
export { joinHolds, joinsOf, type Join } from './joins.js';
export { movingGapSentence } from './moving-gap.js';
export { printPair } from './pair.js';
export { partEconomicsInput } from './part-economics.js';
export {
  COOL_RIM_MM,
  freshPlace,
  plateUse,
  printsThere,
  type PlatePlace,
  type PlateUse,
} from './plate-use.js';
export { printerRecord, type PrintOutcomeTold } from './printer-record.js';
export { holdByPeel, peelEnergyJm2 } from './peel.js';
export { purgeSentences } from './purge.js';
export { meanOf } from './reading-error.js';
export type { RecipeLine } from './recipe/recipe-line.js';
export {
  barBowMm,
  barDoubts,
  barErrorMm,
  barPredictedMm,
  warpCalibrationFor,
  type WarpCalibration,
} from './warp-calibration.js';
export { routeAmounts, routeSize, surfaceRoutes, type SurfaceRoute } from './surface-routes.js';
