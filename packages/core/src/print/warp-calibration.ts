import { mean } from 'simple-statistics';
import { familyByKey } from '../materials/library.js';
import { typical, type Family } from '../materials/family.js';
import { warpBowOf } from '../models/warp-bow.js';
import { warpCalibrate, type MeasuredBar, type WarpCalibrateResult } from '../models/warp-calibrate.js';
import type { Printer } from '../workshop/printer.js';
import type { WarpBar } from '../workshop/warp-bar.js';

/** What a printer's own bars say of one family, and the bars that say it. */
export interface WarpCalibration extends WarpCalibrateResult {
  bars: readonly WarpBar[];
}

/** Bow of a bar: the mean of its ends over its middle, mm. */
export function barBowMm({
  endAMm,
  endBMm,
  middleMm,
}: Pick<WarpBar, 'endAMm' | 'endBMm' | 'middleMm'>): number {
  return (mean(endAMm) + mean(endBMm)) / 2 - mean(middleMm);
}

/** Standard error of that bow: what readings of one place scatter, and what the caliper can tell apart. */
export function barErrorMm(bar: Pick<WarpBar, 'endAMm' | 'endBMm' | 'middleMm' | 'resolutionMm'>): number {
  // A caliper's step is a uniform error: its width over √12.
  const step = bar.resolutionMm / Math.sqrt(12);
  const variance = (readings: readonly number[]): number => {
    const m = mean([...readings]);
    const scatter =
      readings.length > 1 ? readings.reduce((s, r) => s + (r - m) ** 2, 0) / (readings.length - 1) : 0;
    return (scatter + step ** 2) / readings.length;
  };
  return Math.sqrt((variance(bar.endAMm) + variance(bar.endBMm)) / 4 + variance(bar.middleMm));
}

/** What the model says of a bar, before any calibration, mm. */
export function barPredictedMm(bar: WarpBar, f: Family): number {
  return warpBowOf({
    alphaPerK: typical(f, 'alphaPerK'),
    solidificationC: typical(f, 'solidificationC'),
    bedC: bar.bedC,
    chamberC: bar.chamberC,
    heightMm: bar.heightMm,
    lengthMm: bar.lengthMm,
    crystallisationStrain: f.properties.crystallisationStrain?.typical ?? 0,
    solidFraction: bar.solidFraction,
    scale: 1,
    solidExponent: 0.3,
  }).bowMm;
}

/** A bow under this is lost in the reading, mm. */
const LEAST_MM = 0.005;

/** A bar as the calibration takes it; null where it did not bow, or the model says that it cannot. */
export function measuredBar(bar: WarpBar, f: Family): MeasuredBar | null {
  const predictedMm = barPredictedMm(bar, f);
  const measuredMm = barBowMm(bar);
  return predictedMm < LEAST_MM || measuredMm < LEAST_MM
    ? null
    : { predictedMm, measuredMm, solidFraction: bar.solidFraction, errorMm: barErrorMm(bar) };
}

/** Worked out once a printer: profiles are not changed in place, and a brief is ranked anew with every key typed. */
const kept = new WeakMap<Printer, Map<string, WarpCalibration | null>>();

/** A printer's scale for a family by its own bars; null where it has none of it. */
export function warpCalibrationOf(printer: Printer, familyKey: string): WarpCalibration | null {
  if (!printer.warpBars?.length) return null;
  const known = kept.get(printer) ?? new Map<string, WarpCalibration | null>();
  kept.set(printer, known);
  const found = known.get(familyKey);
  if (found !== undefined) return found;
  const made = calibrated(
    printer.warpBars.filter(b => b.family === familyKey),
    familyByKey(familyKey) ?? null,
  );
  known.set(familyKey, made);
  return made;
}

function calibrated(bars: readonly WarpBar[], f: Family | null): WarpCalibration | null {
  if (!f) return null;
  const used = bars.flatMap(bar => {
    const measured = measuredBar(bar, f);
    return measured ? [{ bar, measured }] : [];
  });
  return used.length ? { ...warpCalibrate(used.map(u => u.measured)), bars: used.map(u => u.bar) } : null;
}

/** What is odd about a bar's readings, as questions: nothing is dropped for it. */
export function barDoubts(
  bar: Pick<WarpBar, 'endAMm' | 'endBMm' | 'middleMm' | 'heightMm' | 'lengthMm'>,
): string[] {
  const bow = barBowMm(bar);
  const ends = mean(bar.endAMm) - mean(bar.endBMm);
  const doubts: string[] = [];
  if (bow < 0) doubts.push('Its middle stands above its ends: was it measured upside down?');
  if (Math.abs(bow) > bar.heightMm)
    doubts.push('It bows by more than it is high: was an end typed in another unit?');
  if (Math.abs(ends) > Math.max(0.3, 1.5 * Math.abs(bow)))
    doubts.push('One end stands far above the other: did only one corner lift?');
  const spread = (r: readonly number[]): number => Math.max(...r) - Math.min(...r);
  if ([bar.endAMm, bar.endBMm, bar.middleMm].some(r => spread(r) > Math.max(0.2, Math.abs(bow))))
    doubts.push('Readings of one place differ by more than the bow: is one of them a slip?');
  return doubts;
}
