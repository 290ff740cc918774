import { mean } from 'simple-statistics';
import { shrunk } from '../lib/shrink.js';
import { t975 } from '../lib/student.js';
import { SOLID_EXPONENT, USUAL_SOLID, warpBowOf } from '../models/warp-bow.js';
import { familyByKey } from '../materials/library.js';
import { typical, type Family } from '../materials/family.js';
import { warpCalibrate, type MeasuredBar, type WarpCalibrateResult } from '../models/warp-calibrate.js';
import type { Printer } from '../workshop/printer.js';
import type { WarpBar } from '../workshop/warp-bar.js';
import { familyAndGrade, familyAndGradeKey, keptByPrinter } from './kept-by-printer.js';
import { meanOf, varianceOfMean } from './reading-error.js';

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
  return (meanOf(endAMm) + meanOf(endBMm)) / 2 - meanOf(middleMm);
}

/** Standard error of that bow: what readings of one place scatter, and what the caliper can tell apart. */
export function barErrorMm({
  endAMm,
  endBMm,
  middleMm,
  resolutionMm,
}: Pick<WarpBar, 'endAMm' | 'endBMm' | 'middleMm' | 'resolutionMm'>): number {
  const variance = (readings: readonly number[]): number => varianceOfMean(readings, resolutionMm);
  return Math.sqrt((variance(endAMm) + variance(endBMm)) / 4 + variance(middleMm));
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

const calibrationOf = keptByPrinter<WarpCalibration | null>((printer, key) => {
  const { family, grade } = familyAndGrade(key);
  return calibrated(
    (printer.warpBars ?? []).filter(b => b.family === family),
    familyByKey(family) ?? null,
    grade,
  );
});

/** A printer's scale for a family by its own bars; null where it has none of it. */
export function warpCalibrationOf(printer: Printer, familyKey: string): WarpCalibration | null {
  return calibrationOf(printer, familyKey);
}

/**
 * The same for a family or a grade of it; null without a printer. What was measured of a grade stays with the grade;
 * the family moves only as far as several of its makers agree.
 */
export function warpCalibrationFor(printer: Printer | null, f: Family): WarpCalibration | null {
  return printer && calibrationOf(printer, familyAndGradeKey(f));
}

function calibrated(
  bars: readonly WarpBar[],
  f: Family | null,
  grade: string | null,
): WarpCalibration | null {
  if (!f) return null;
  const used = bars.flatMap(bar => {
    const measured = measuredBar(bar, f);
    return measured ? [{ bar, measured }] : [];
  });
  if (!used.length) return null;
  const pooled = warpCalibrate(used.map(u => u.measured));
  const found = { ...pooled, bars: used.map(u => u.bar) };
  return used.some(u => u.bar.grade) ? { ...found, ...scaleByMaker(used, pooled, grade) } : found;
}

/** How much makers of one family differ in warp, and how far a machine may be off before a bar is read, in ln. */
const MAKERS = { between: 0.2, prior: { mean: 0, sd: 0.5 } };

/** The scale of one maker's filament, or of the family as several makers agree, with its interval. */
function scaleByMaker(
  used: readonly { bar: WarpBar; measured: MeasuredBar }[],
  { solidExponent, scatter }: WarpCalibrateResult,
  grade: string | null,
): Pick<WarpCalibrateResult, 'scale' | 'scaleLow' | 'scaleHigh'> {
  const makers = [...new Set(used.map(u => u.bar.grade))];
  const groups = makers.map(maker => {
    const own = used.filter(u => u.bar.grade === maker).map(u => u.measured);
    const off = own.map(
      b =>
        Math.log(b.measuredMm / b.predictedMm) -
        (solidExponent - SOLID_EXPONENT) * Math.log(b.solidFraction / USUAL_SOLID),
    );
    const variance = own.map(b => scatter ** 2 + (b.errorMm / b.measuredMm) ** 2);
    return { mean: mean(off), se: Math.sqrt(mean(variance) / own.length) };
  });
  const { overall, groups: believed } = shrunk(groups, MAKERS.between, MAKERS.prior);
  const at = grade === null ? -1 : makers.indexOf(grade);
  // A maker of whom nothing was measured may lie anywhere about the family.
  const unseen = { mean: overall.mean, sd: Math.hypot(overall.sd, grade === null ? 0 : MAKERS.between) };
  const { mean: ln, sd } = believed[at] ?? unseen;
  const wide = t975(used.length + 1);
  return { scale: Math.exp(ln), scaleLow: Math.exp(ln - wide * sd), scaleHigh: Math.exp(ln + wide * sd) };
}

/** What is odd about a bar's readings, as questions: nothing is dropped for it. */
export function barDoubts(
  bar: Pick<WarpBar, 'endAMm' | 'endBMm' | 'middleMm' | 'heightMm' | 'lengthMm'>,
): string[] {
  const bow = barBowMm(bar);
  const ends = meanOf(bar.endAMm) - meanOf(bar.endBMm);
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
