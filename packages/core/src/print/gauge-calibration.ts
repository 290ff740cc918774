import { familyByKey } from '../materials/library.js';
import { typical, type Family } from '../materials/family.js';
import type { Belief } from '../lib/posterior.js';
import { shrunk, type GroupMean } from '../lib/shrink.js';
import { MakersShrinkInput } from '../models/makers-shrink.js';
import {
  accuracyGauge,
  type AccuracyGaugeResult,
  type MeasuredSize,
  type WithInterval,
} from '../models/accuracy-gauge.js';
import type { Gauge, GaugeSize } from '../workshop/gauge.js';
import type { Printer } from '../workshop/printer.js';
import { familyAndGrade, familyAndGradeKey, keptByPrinter } from './kept-by-printer.js';
import { meanOf, varianceOfMean } from './reading-error.js';
import { STANDARD_ROOM_C } from '../lib/physical-constants.js';

/** What a printer's own gauges say of one family, and the sizes that say it, in the order of the outliers' places. */
export interface GaugeCalibration extends AccuracyGaugeResult {
  gauges: readonly Gauge[];
  sizes: readonly MeasuredSize[];
  /** What the family is known to shrink, %. */
  usualPct: number;
  /** What `makers.shrink` was given along the plate, where gauges say whose filament they are of; else null. */
  makers: MakersShrinkInput | null;
}

/** Share of the contraction from solid to cold that is left in a print, the slicer told nothing; an estimate. */
const LEFT_OF_CONTRACTION = 0.6;

/** What a family is known to shrink when nothing was measured, %. */
export function usualShrinkPct(f: Family): number {
  const cooling = typical(f, 'alphaPerK') * Math.max(0, typical(f, 'solidificationC') - STANDARD_ROOM_C);
  return 100 * (LEFT_OF_CONTRACTION * cooling + (f.properties.crystallisationStrain?.typical ?? 0));
}

/** A size as `accuracy.gauge` takes it. */
export function measuredSize({ kind, nominalMm, measuredMm }: GaugeSize, resolutionMm: number): MeasuredSize {
  return {
    kind,
    nominalMm,
    measuredMm: meanOf(measuredMm),
    errorMm: Math.sqrt(varianceOfMean(measuredMm, resolutionMm)),
  };
}

const calibrationOf = keptByPrinter<GaugeCalibration | null>((printer, key) => {
  const { family: familyKey, grade } = familyAndGrade(key);
  const family = familyByKey(familyKey);
  const gauges = (printer.gauges ?? []).filter(g => g.family === familyKey);
  if (!family || !gauges.length) return null;
  return gaugesFitted(gauges, family, grade);
});

/** A printer's shrinkage and offsets for a family by its own gauges; null where it has none of it. */
export function gaugeCalibrationOf(printer: Printer, familyKey: string): GaugeCalibration | null {
  return calibrationOf(printer, familyKey);
}

/**
 * The same for a family or a grade of it; null without a printer. What a maker's filament shrinks stays with the grade;
 * the family moves only as far as several of its makers agree. Offsets are the machine's, whoever made the filament.
 */
export function gaugeCalibrationFor(printer: Printer | null, f: Family): GaugeCalibration | null {
  return printer && calibrationOf(printer, familyAndGradeKey(f));
}

/** What gauges leave of a size's deviation once their compensation is typed in; null where there are none. */
export function gaugeLeftOf(printer: Printer | null, f: Family): GaugeCalibration['left'] | null {
  return gaugeCalibrationFor(printer, f)?.left ?? null;
}

/** What gauges of one family say. */
function gaugesFitted(gauges: readonly Gauge[], family: Family, grade: string | null): GaugeCalibration {
  const sizes = sizesOf(gauges);
  const usualPct = usualShrinkPct(family);
  const pooled = accuracyGauge({ sizes, shrinkPct: usualPct });
  const found = { ...pooled, gauges, sizes, usualPct, makers: null };
  return gauges.some(g => g.grade !== null)
    ? { ...found, ...shrinkByMaker(gauges, pooled, usualPct, grade) }
    : found;
}

const sizesOf = (gauges: readonly Gauge[]): MeasuredSize[] =>
  gauges.flatMap(g => g.sizes.map(s => measuredSize(s, g.resolutionMm)));

/** How much makers of one family differ in shrinkage, and how far it may lie from usual beforehand, %; estimates. */
const MAKERS_PCT = { between: 0.1, beforehand: 0.4 };
/** Standard deviations from the middle of a 95 % interval to its end. */
const TO_END = 1.96;

/** What one maker's filament shrinks on this machine, or the family as several makers agree, with its interval. */
function shrinkByMaker(
  gauges: readonly Gauge[],
  pooled: AccuracyGaugeResult,
  usualPct: number,
  grade: string | null,
): Pick<GaugeCalibration, 'shrinkXyPct' | 'shrinkZPct' | 'compensation' | 'left' | 'makers'> {
  const makers = [...new Set(gauges.map(g => g.grade))];
  const fits = makers.map(maker =>
    accuracyGauge({ sizes: sizesOf(gauges.filter(g => g.grade === maker)), shrinkPct: usualPct }),
  );
  const means = (name: 'shrinkXyPct' | 'shrinkZPct'): GroupMean[] =>
    fits.map(fit => ({ mean: fit[name].value, se: (fit[name].high - fit[name].low) / 2 / TO_END }));
  const believed = (name: 'shrinkXyPct' | 'shrinkZPct'): Belief => {
    const prior = { mean: usualPct, sd: MAKERS_PCT.beforehand };
    const all = shrunk(means(name), MAKERS_PCT.between, prior);
    const own = grade === null ? undefined : all.groups[makers.indexOf(grade)];
    // A maker of whom nothing was measured may lie anywhere about the family.
    const spread = grade === null ? 0 : MAKERS_PCT.between;
    return own ?? { mean: all.overall.mean, sd: Math.hypot(all.overall.sd, spread) };
  };
  const xy = believed('shrinkXyPct');
  const z = believed('shrinkZPct');
  const shown = ({ mean, sd }: Belief): WithInterval => ({
    value: mean,
    low: mean - TO_END * sd,
    high: mean + TO_END * sd,
  });
  return {
    shrinkXyPct: shown(xy),
    shrinkZPct: shown(z),
    compensation: {
      ...pooled.compensation,
      scaleXyPct: 100 / (1 - xy.mean / 100),
      scaleZPct: 100 / (1 - z.mean / 100),
    },
    left: { sizeMm: pooled.left.sizeMm, perMm: xy.sd / 100 },
    makers: Object.assign(new MakersShrinkInput(), {
      groups: means('shrinkXyPct'),
      between: MAKERS_PCT.between,
      priorMean: usualPct,
      priorSd: MAKERS_PCT.beforehand,
    }),
  };
}

/** Millimetres in an inch. */
const INCH_MM = 25.4;
/** A print is never further off than this share of a size, or this much. */
const IMPLAUSIBLE_DEVIATION = { share: 0.05, mm: 0.8 };
/** Readings of one place are never further apart, mm. */
const SPREAD_MM = 0.3;

/** What is odd about a size's readings, as questions: nothing is dropped for it. */
export function gaugeDoubts({ kind, nominalMm, measuredMm }: GaugeSize): string[] {
  const off = meanOf(measuredMm) - nominalMm;
  const doubts: string[] = [];
  const far = (mm: number): boolean =>
    Math.abs(mm) > Math.max(IMPLAUSIBLE_DEVIATION.mm, IMPLAUSIBLE_DEVIATION.share * nominalMm);
  if (far(off))
    doubts.push(
      far(meanOf(measuredMm) * INCH_MM - nominalMm)
        ? `${nominalMm} mm read as ${meanOf(measuredMm).toFixed(2)}: another size, or another gauge?`
        : `${nominalMm} mm read as ${meanOf(measuredMm).toFixed(3)}: was it read in inches?`,
    );
  else if (kind === 'hole' && off > 0.2)
    doubts.push(`A hole of ${nominalMm} mm came out wider: do the jaws reach inside it?`);
  if (Math.max(...measuredMm) - Math.min(...measuredMm) > SPREAD_MM)
    doubts.push(`Readings of ${nominalMm} mm lie far apart: is one of them a slip?`);
  return doubts;
}
