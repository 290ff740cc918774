import type { Brief } from '../brief/brief.js';
import { modelVolumeCm3, solidFractionOf } from '../brief/size.js';
import { typical, type Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import { usualSpeedMmS, type PrintEconomicsInput } from './economics.js';

/** What an hour of the machine and taking off one print cost, in the workshop's money. */
const MACHINE_PER_HOUR = 0.5;
const LABOUR = 1;
/** A print that never succeeds is not dearer than this share's inverse. */
const LEAST_SUCCESS = 0.05;

/**
 * What mass, time and cost of a part in one filament are worked out from: the one place that says so, for the
 * ranking, the print card, the ways to lay it and the trade of its settings.
 * @param printer whose own record scales the time; null for no printer in particular
 * @param success chance that a print succeeds, 0…1
 */
export function partEconomicsInput(
  brief: Brief,
  f: Family,
  printer: Printer | null,
  success: number,
): PrintEconomicsInput {
  const { lineMm, layerMm } = brief.print;
  return {
    volumeCm3: modelVolumeCm3(brief),
    solidFraction: solidFractionOf(brief),
    supportCm3: brief.geometry.supportCm3 ?? 0,
    densityGcm3: typical(f, 'densityGcm3'),
    pricePerKg: typical(f, 'pricePerKg'),
    maxFlowMm3s: Math.min(typical(f, 'maxFlowMm3s'), printer?.maxFlowMm3s ?? Infinity),
    speedMmS: usualSpeedMmS(f),
    lineMm,
    layerMm,
    heightMm: brief.geometry.zMm,
    machinePerHour: MACHINE_PER_HOUR,
    labour: LABOUR,
    success: Math.max(LEAST_SUCCESS, success),
    timeFactor: printer?.record?.timeFactor ?? 1,
  };
}
