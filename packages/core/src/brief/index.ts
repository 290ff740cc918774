// The brief: a part’s service requirements, how they are said, and what its shape does with its loads.
export { assumptions, printWords, type Assumption } from './assumptions.js';
export { briefChanges, type BriefChange } from './brief-changes.js';
export { BriefLoad } from './brief-load.js';
export {
  TOP_WEIGHT,
  loadCases,
  schools,
  surfaceWishes,
  type SurfaceRouteId,
  type BakeChoice,
  type ClimateChoice,
  type Consequence,
  type Electrical,
  type FlexWant,
  type HeatSetting,
  type LoadCase,
  type LoadKind,
  type OutdoorSchool,
  type Purpose,
  type School,
  type Seal,
  type Water,
  type Wear,
} from './choices.js';
export {
  defaultAir,
  glassOf,
  hoursADayOf,
  placeInWeather,
  weatherOf,
  yearOf,
  type WorkingRef,
} from './conditions.js';
export { RUBBERY_SHORE_A } from './defaults.js';
export { doubts, type Doubt } from './doubts.js';
export { fitCheckOf, isFitCheck } from './fit-check.js';
export { hardnessWanted } from './hardness.js';
export { acrossWhenLaid, boxLays, laidBrief, lyingNow, pullOf, type Lying } from './laid.js';
export { LoadField, feltStressMPa } from './load-field.js';
export { loadOf } from './load-start.js';
export { looksInWords, surfaceWishWords } from './looks.js';
export { actingForceN, fieldKey, fieldOf, fieldScale, hasPlaces } from './on-shape.js';
export { newBrief, parseBrief } from './parse-brief.js';
export { printAidWords, printAids, type PrintAid } from './print-aids.js';
export { sectionAsPrinted } from './printed-member.js';
export { say, sayFields, type Said, type SaidFields } from './say/say.js';
export { briefSaying } from './say/words.js';
export { onceSaid } from './saying.js';
export { serviceLoads, type ServiceLoad } from './service-load.js';
export { FilletPlace } from './shape-places.js';
export { solidFractionOf } from './solid-fraction.js';
export { startingPoints, type StartingPoint } from './starting-points.js';
export { isUntouched, stillUnknown, unanswered } from './unsaid.js';
export { safetyOf } from './safety.js';
export { fitsInto, outerSurfaceCm2 } from './size.js';
export type { BriefGeometry } from './brief-geometry.js';
