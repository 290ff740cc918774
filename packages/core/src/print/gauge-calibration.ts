import { familyByKey } from '../materials/library.js';
import { typical, type Family } from '../materials/family.js';
import { accuracyGauge, type AccuracyGaugeResult, type MeasuredSize } from '../models/accuracy-gauge.js';
import type { Gauge, GaugeSize } from '../workshop/gauge.js';
import type { Printer } from '../workshop/printer.js';
import { keptByPrinter } from './kept-by-printer.js';
import { meanOf, varianceOfMean } from './reading-error.js';
import { STANDARD_ROOM_C } from '../lib/physical-constants.js';

/** What a printer's own gauges say of one family, and the sizes that say it, in the order of the outliers' places. */
export interface GaugeCalibration extends AccuracyGaugeResult {
  gauges: readonly Gauge[];
  sizes: readonly MeasuredSize[];
  /** What the family is known to shrink, %. */
  usualPct: number;
}

/** Room in which a part is measured and used, °C. */
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

/** A printer's shrinkage and offsets for a family by its own gauges; null where it has none of it. */
export const gaugeCalibrationOf = keptByPrinter<GaugeCalibration | null>((printer, familyKey) => {
  const family = familyByKey(familyKey);
  const gauges = (printer.gauges ?? []).filter(g => g.family === familyKey);
  if (!family || !gauges.length) return null;
  return gaugesFitted(gauges, family);
});

/** The same for a family or a grade of it; null without a printer. */
export function gaugeCalibrationFor(printer: Printer | null, f: Family): GaugeCalibration | null {
  return printer && gaugeCalibrationOf(printer, f.grade?.family ?? f.key);
}

/** What gauges leave of a size's deviation once their compensation is typed in; null where there are none. */
export function gaugeLeftOf(printer: Printer | null, f: Family): GaugeCalibration['left'] | null {
  return gaugeCalibrationFor(printer, f)?.left ?? null;
}

/** What gauges of one family say. */
function gaugesFitted(gauges: readonly Gauge[], family: Family): GaugeCalibration {
  const sizes = gauges.flatMap(g => g.sizes.map(s => measuredSize(s, g.resolutionMm)));
  const usualPct = usualShrinkPct(family);
  return { ...accuracyGauge({ sizes, shrinkPct: usualPct }), gauges, sizes, usualPct };
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
