import { creepStrain } from './creep-strain.js';
import { flexIndentation, flexModulus } from './flex.js';
import { heatAllowable } from './heat-allowable.js';
import { heatDay } from './heat-day.js';
import { heatYear } from './heat-year.js';
import { heatSurface } from './heat-surface.js';
import { heatVehicle } from './heat-vehicle.js';
import { impactDrop } from './impact-drop.js';
import { loadBeam } from './load-beam.js';
import { loadDeceleration, loadDrop, loadSnapFit } from './load-simple.js';
import { answer, type Answer, type Model } from './model.js';
import { printEconomicsModel } from './print-economics.js';
import { answerRanged, hasRanges, type RangedAnswer } from './ranged.js';
import { scoreDesirability } from './score-desirability.js';
import { sectionPrinted } from './section-printed.js';
import { spoolMoisture } from './spool-moisture.js';
import { strengthAllowableModel } from './strength-allowable.js';
import { uvDose } from './uv-dose.js';
import { uvRetained } from './uv-retained.js';
import { scoreExplain, scoreRank, scoreRobustness, scoreTipping } from '../score/score-models.js';
import { workshopUpgrades } from '../workshop/upgrades.js';
import { warpBow, warpFree, warpLiftOff } from './warp.js';

/** Every model, in the order of the model reference. One list feeds the API, the command line, the Working drawer and the reference. */
export const models: readonly Model[] = [
  heatSurface,
  heatVehicle,
  heatDay,
  heatYear,
  heatAllowable,
  loadBeam,
  loadSnapFit,
  loadDeceleration,
  loadDrop,
  sectionPrinted,
  strengthAllowableModel,
  creepStrain,
  impactDrop,
  uvDose,
  uvRetained,
  warpFree,
  warpBow,
  warpLiftOff,
  flexIndentation,
  flexModulus,
  printEconomicsModel,
  spoolMoisture,
  scoreDesirability,
  scoreRank,
  scoreRobustness,
  scoreTipping,
  scoreExplain,
  workshopUpgrades,
] as unknown as readonly Model[];

const byId = new Map(models.map(m => [m.id, m]));

/** A model by its id, or undefined. */
export function modelById(id: string): Model | undefined {
  return byId.get(id);
}

/** Runs a model by id on plain input; numbers may be `{ low, high }`, see {@link answerRanged}. @throws RangeError for an unknown id; InputError for bad input */
export function calculate(id: string, plain: unknown): Answer | RangedAnswer {
  const found = byId.get(id);
  if (!found)
    throw new RangeError(`There is no model "${id}"; known are ${models.map(m => m.id).join(', ')}`);
  return hasRanges(plain) ? answerRanged(found, plain as Record<string, unknown>) : answer(found, plain);
}
