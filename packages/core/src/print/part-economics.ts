import type { Brief } from '../brief/brief.js';
import { modelVolumeCm3 } from '../brief/size.js';
import { solidFractionOf } from '../brief/solid-fraction.js';
import { typical, type Family } from '../materials/family.js';
import type { Printer } from '../workshop/printer.js';
import { USUAL_RATES } from '../workshop/unsaid.js';
import { aidCosts } from './aid-effects.js';
import { printFlowMm3s, usualSpeedMmS, type PrintEconomicsInput } from './economics.js';

/** A print that never succeeds is not dearer than this share's inverse. */
const LEAST_SUCCESS = 0.05;

/**
 * What mass, time and cost of a part in one filament are worked out from: the one place that says so, for the
 * ranking, the print card, the ways to lay it and the trade of its settings.
 * @param printer whose own record scales the time, and whose workshop says what an hour of it costs; null for no
 *   printer in particular
 * @param success chance that a print succeeds, 0…1
 */
export function partEconomicsInput(
  brief: Brief,
  f: Family,
  printer: Printer | null,
  success: number,
): PrintEconomicsInput {
  const { lineMm, layerMm } = brief.print;
  const flow = printFlowMm3s(f, printer, brief.print);
  const { machinePerHour, labourEach } = printer?.rates ?? USUAL_RATES;
  return {
    volumeCm3: modelVolumeCm3(brief),
    solidFraction: solidFractionOf(brief),
    supportCm3: brief.geometry.supportCm3 ?? 0,
    ...aidCosts(brief, flow),
    densityGcm3: typical(f, 'densityGcm3'),
    pricePerKg: typical(f, 'pricePerKg'),
    maxFlowMm3s: Math.min(typical(f, 'maxFlowMm3s'), printer?.maxFlowMm3s ?? Infinity),
    speedMmS: usualSpeedMmS(f),
    lineMm,
    layerMm,
    heightMm: brief.geometry.zMm,
    machinePerHour,
    labour: labourEach,
    success: Math.max(LEAST_SUCCESS, success),
    timeFactor: printer?.record?.timeFactor ?? 1,
  };
}
