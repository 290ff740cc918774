// Models: one function a file, with its equation and its source.
export { chamberBalance, ChamberBalanceInput, chamberDoors, chamberWalls } from './chamber-balance.js';
export type { WithInterval } from './accuracy-gauge.js';
export { FlexFoamInput, FoamReading, flexFoam } from './flex-foam.js';
export { FlexInfillInput, InfillReading, flexInfillModel, infillCurve } from './flex-infill.js';
export { FlexHingeInput, flexHingeModel } from './flex-hinge.js';
export { FlexMountInput, flexMountModel } from './flex-mount.js';
export { FlexStripInput, flexStripModel } from './flex-strip.js';
export { shoreModulusMPa } from './flex-modulus.js';
export { DurometerReading, FlexReadingInput, durometerReading } from './flex-reading.js';
export { FlexSoakInput, flexSoakModel } from './flex-soak.js';
export { heatDayHours } from './heat-day.js';
export { WeatherInput } from './heat-year.js';
export { infillPatterns, type InfillPattern } from './infill-pattern.js';
export type { Answer, Step } from './model.js';
export {
  adoptPartYear,
  hoursAbove,
  partTemperatureC,
  partYear,
  partYearKnown,
  type PartPlace,
  type PartYear,
} from './part-year.js';
export { sectionChoices, type SectionChoice } from './section-printed.js';
export {
  requiredSafety,
  strengthAllowable,
  strengthInput,
  type StrengthConditions,
} from './strength-allowable.js';
export { noonShare, type Exposure, type Glass } from './uv-dose.js';
export { uvYearsToHalf } from './uv-retained.js';
export { WarpBowInput, warpBowOf } from './warp-bow.js';
