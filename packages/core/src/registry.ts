import { chamberBalanceModel } from './models/chamber-balance.js';
import { creepStrain } from './models/creep-strain.js';
import { flexIndentation } from './models/flex-indentation.js';
import { flexFoamModel } from './models/flex-foam.js';
import { flexInfillModel } from './models/flex-infill.js';
import { flexModulus } from './models/flex-modulus.js';
import { flexReadingModel } from './models/flex-reading.js';
import { flexSet } from './models/flex-set.js';
import { flexSoakModel } from './models/flex-soak.js';
import { heatAgeingModel } from './models/heat-ageing.js';
import { heatAllowable } from './models/heat-allowable.js';
import { heatDay } from './models/heat-day.js';
import { heatYear } from './models/heat-year.js';
import { heatSurface } from './models/heat-surface.js';
import { heatVehicle } from './models/heat-vehicle.js';
import { impactDrop } from './models/impact-drop.js';
import { makersShrink } from './models/makers-shrink.js';
import { loadBeam } from './models/load-beam.js';
import { loadClamp } from './models/load-clamp.js';
import { loadDeceleration } from './models/load-deceleration.js';
import { flexHingeModel } from './models/flex-hinge.js';
import { flexMountModel } from './models/flex-mount.js';
import { flexStripModel } from './models/flex-strip.js';
import { loadDrop } from './models/load-drop.js';
import { loadInsert } from './models/load-insert.js';
import { loadSnapFit } from './models/load-snap-fit.js';
import { airRoomModel } from './models/air-room.js';
import { accuracyGaugeModel } from './models/accuracy-gauge.js';
import { answer, type Answer, type Model } from './models/model.js';
import { warpCalibrateModel } from './models/warp-calibrate.js';
import { printEconomicsModel } from './print/economics.js';
import { printSurfaceModel } from './print/surface-routes.js';
import { printPairModel } from './print/pair.js';
import { movingGapModel } from './print/moving-gap.js';
import { printPurgeModel } from './print/purge.js';
import { answerRanged, hasRanges, type RangedAnswer } from './models/ranged.js';
import { scoreDesirability } from './score/desirability.js';
import { sectionPrinted } from './models/section-printed.js';
import { spoolMoisture } from './models/spool-moisture.js';
import { strengthAllowableModel } from './models/strength-allowable.js';
import { uvDose } from './models/uv-dose.js';
import { uvRetained } from './models/uv-retained.js';
import { scoreExplain } from './advice/score-explain.js';
import { scoreRank } from './score/score-rank.js';
import { scoreRobustness } from './score/draws/score-robustness.js';
import { scoreTipping } from './advice/score-tipping.js';
import { workshopUpgrades } from './advice/upgrades.js';
import { warpMitigate } from './advice/warp-mitigate.js';
import { printCoolingModel } from './print/layer-cooling.js';
import { serviceFieldModel } from './service/field-factor.js';
import { serviceSurvivalModel } from './service/survival.js';
import { drillMake } from './drills/make-drill.js';
import { triageRankModel } from './triage/triage-rank.js';
import { trialCompareModel } from './trials/compare.js';
import { trialBreakModel } from './trials/break.js';
import { trialLooksModel } from './trials/looks.js';
import { trialBendModel } from './trials/bend.js';
import { trialMovementModel } from './trials/movement.js';
import { trialPosteriorModel } from './trials/posterior.js';
import { trialPowerModel } from './trials/power.js';
import { trialSagModel } from './trials/sag.js';
import { trialStaircaseModel } from './trials/staircase.js';
import { waterLifeModel } from './models/water-life.js';
import { waterSteam } from './models/water-steam.js';
import { warpBow } from './models/warp-bow.js';
import { warpFree } from './models/warp-free.js';
import { warpLiftOff } from './models/warp-lift-off.js';
import { warpPlateLift } from './models/warp-plate-lift.js';

/**
 * Every model, in the order of the model reference. One list feeds the API, the command line, the Working
 * drawer and the reference.
 */
export const models: readonly Model[] = [
  heatSurface,
  heatVehicle,
  heatDay,
  heatYear,
  heatAllowable,
  heatAgeingModel,
  waterLifeModel,
  waterSteam,
  loadBeam,
  loadSnapFit,
  loadDeceleration,
  loadDrop,
  loadInsert,
  loadClamp,
  sectionPrinted,
  strengthAllowableModel,
  creepStrain,
  impactDrop,
  makersShrink,
  uvDose,
  uvRetained,
  warpFree,
  warpBow,
  warpLiftOff,
  warpPlateLift,
  chamberBalanceModel,
  flexIndentation,
  flexModulus,
  flexReadingModel,
  flexSet,
  flexInfillModel,
  flexFoamModel,
  flexSoakModel,
  flexStripModel,
  flexMountModel,
  flexHingeModel,
  warpMitigate,
  warpCalibrateModel,
  accuracyGaugeModel,
  airRoomModel,
  printEconomicsModel,
  printSurfaceModel,
  printCoolingModel,
  printPairModel,
  printPurgeModel,
  movingGapModel,
  spoolMoisture,
  scoreDesirability,
  scoreRank,
  scoreRobustness,
  scoreTipping,
  scoreExplain,
  workshopUpgrades,
  trialPosteriorModel,
  trialCompareModel,
  trialPowerModel,
  trialLooksModel,
  trialStaircaseModel,
  trialBreakModel,
  trialBendModel,
  trialSagModel,
  trialMovementModel,
  serviceSurvivalModel,
  serviceFieldModel,
  triageRankModel,
  drillMake,
] as unknown as readonly Model[];

const byId = new Map(models.map(m => [m.id, m]));

/** A model by its id, or undefined. */
export function modelById(id: string): Model | undefined {
  return byId.get(id);
}

/**
 * Runs a model by id on plain input; numbers may be `{ low, high }`, see {@link answerRanged}. @throws
 * RangeError for an unknown id; InputError for bad input
 */
export function calculate(id: string, plain: unknown): Answer | RangedAnswer {
  const found = byId.get(id);
  if (!found)
    throw new RangeError(`There is no model "${id}"; known are ${models.map(m => m.id).join(', ')}`);
  return hasRanges(plain) ? answerRanged(found, plain as Record<string, unknown>) : answer(found, plain);
}
