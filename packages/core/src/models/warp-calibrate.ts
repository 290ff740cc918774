import { median, medianAbsoluteDeviation } from 'simple-statistics';
import { ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { posterior, type Belief } from '../lib/posterior.js';
import { t975 } from '../lib/student.js';
import { model, step } from './model.js';
import { SOLID_EXPONENT, USUAL_SOLID } from './warp-bow.js';

/** A bar that was measured, beside what the model says of it. */
export class MeasuredBar {
  @Quantity({ min: 1e-4, max: 200, unit: 'mm', doc: 'Bow that warp.bow gives with scale 1 and power 0.3.' })
  predictedMm!: number;
  @Quantity({ min: 1e-4, max: 200, unit: 'mm', doc: 'Bow that was measured.' }) measuredMm!: number;
  @Quantity({ min: 0.01, max: 1, optional: true, doc: 'Solid fraction of the bar; default 0.3.' })
  solidFraction = USUAL_SOLID;
  @Quantity({
    min: 0,
    max: 10,
    unit: 'mm',
    optional: true,
    doc: 'Standard error of the reading; default 0.02.',
  })
  errorMm = 0.02;
}

/** Input of `warp.calibrate`. */
export class WarpCalibrateInput {
  @ListOf(() => MeasuredBar, { max: 200, doc: 'Bars of one family on one printer.' }) bars!: MeasuredBar[];
}

/** Result of `warp.calibrate`. */
export interface WarpCalibrateResult {
  /** Multiplies the bow that is worked out, with its 95 % interval. */
  scale: number;
  scaleLow: number;
  scaleHigh: number;
  /** Power of the solid fraction; 0.3 while light and heavy bars are not both there. */
  solidExponent: number;
  exponentLow: number;
  exponentHigh: number;
  /** Whether light and heavy bars are both there. */
  fitsExponent: boolean;
  /** Bars that lie far from the others, by their place in the list: shown, and counted for little. */
  outliers: number[];
  /** What scatters between bars that should be alike, in ln. */
  scatter: number;
}

/** Before anything is measured: spread of machines about the model in ln, and of the power about 0.3. */
const PRIOR = { scale: 0.5, exponent: 0.3 };
/** Scatter between like bars before any is seen, in ln, and how many bars that counts as. */
const SCATTER = { ln: 0.15, bars: 2 };
/** Light and heavy are both there where solid fractions differ by this factor. */
const BOTH = 1.8;
/** Residuals over this many scatters are outliers; over this many they count for less (Huber 1964). */
const LIMITS = { outlier: 3, full: 1.5 };
/** What those weights leave of a normal scatter's square, E[min(1, 1.5/|z|)·z²]. */
const WEIGHTED = 0.8665;
const FIT_ROUNDS = 12;

/**
 * A machine's scale by its own bars: ln(measured/predicted) = ln s + (k − 0.3)·ln(φ/0.3), least squares with normal
 * priors about s = 1 and k = 0.3, so that few bars move it little, and weights by Huber, so that a bar gone wrong does.
 */
export function warpCalibrate(bars: readonly MeasuredBar[]): WarpCalibrateResult {
  const rows = bars.map(b => ({
    y: Math.log(b.measuredMm / b.predictedMm),
    x: Math.log(b.solidFraction / USUAL_SOLID),
    // A reading's error in ln, on top of the scatter between bars.
    error: b.errorMm / b.measuredMm,
  }));
  const solid = bars.map(b => b.solidFraction);
  const fitsExponent = bars.length > 1 && Math.max(...solid) / Math.min(...solid) >= BOTH;
  let weights = rows.map(() => 1);
  let fit = solved(rows, weights, SCATTER.ln, fitsExponent);
  let scatter = SCATTER.ln;
  for (let round = 0; round < FIT_ROUNDS && rows.length; round++) {
    const residuals = fromMiddle(rows, fit.b);
    const sum = residuals.reduce((s, r, i) => s + weights[i]! * r * r, 0) / (round ? WEIGHTED : 1);
    const free = Math.max(0, rows.length - (fitsExponent ? 2 : 1));
    scatter = Math.sqrt((SCATTER.bars * SCATTER.ln ** 2 + sum) / (SCATTER.bars + free));
    weights = residuals.map(r => Math.min(1, (LIMITS.full * scatter) / Math.max(1e-9, Math.abs(r))));
    fit = solved(rows, weights, scatter, fitsExponent);
  }
  const wide = t975(SCATTER.bars + rows.length);
  const exponent = SOLID_EXPONENT + fit.b;
  return {
    scale: Math.exp(fit.a),
    scaleLow: Math.exp(fit.a - wide * fit.aError),
    scaleHigh: Math.exp(fit.a + wide * fit.aError),
    solidExponent: exponent,
    exponentLow: exponent - wide * fit.bError,
    exponentHigh: exponent + wide * fit.bError,
    fitsExponent,
    outliers: outliersOf(fromMiddle(rows, fit.b)),
    scatter,
  };
}

interface Row {
  y: number;
  x: number;
  error: number;
}

/** Weighted least squares for y = a + b·x with priors about nought; b stays nought where it is not fitted. */
function solved(
  rows: readonly Row[],
  weights: readonly number[],
  scatter: number,
  both: boolean,
): { a: number; b: number; aError: number; bError: number } {
  const [a, b] = posterior(
    rows.map(({ y, x, error }, i) => ({
      x: both ? [1, x] : [1, 0],
      y,
      weight: weights[i]! / (scatter ** 2 + error ** 2),
    })),
    [
      { mean: 0, sd: PRIOR.scale },
      { mean: 0, sd: PRIOR.exponent },
    ],
  ) as [Belief, Belief];
  return { a: a.mean, b: b.mean, aError: a.sd, bError: b.sd };
}

/** How far each bar lies from the middle one: from the others, not from what was believed before. */
function fromMiddle(rows: readonly Row[], b: number): number[] {
  const levels = rows.map(r => r.y - b * r.x);
  const middle = levels.length ? median(levels) : 0;
  return levels.map(l => l - middle);
}

/** Bars far from the middle one, against the usual distance; of fewer than four nothing can be said. */
function outliersOf(residuals: readonly number[]): number[] {
  if (residuals.length < 4) return [];
  // 1.4826 makes the median distance a standard deviation; no bar is measured better than to a twentieth.
  const usual = Math.max(0.05, 1.4826 * medianAbsoluteDeviation([...residuals]));
  return residuals.flatMap((r, i) => (Math.abs(r) > LIMITS.outlier * usual ? [i] : []));
}

/** `warp.calibrate`: a machine's own scale from bars printed on it. */
export const warpCalibrateModel = model({
  id: 'warp.calibrate',
  title: 'A machine’s own scale of warp, by its bars',
  source:
    'ln(measured/predicted) = ln s + (k − 0.3)·ln(φ/0.3); normal priors s 1 × e^±0.5, k 0.3 ± 0.3; Huber weights; ' +
    'Student’s t for the intervals',
  validity: 'Bars of one family on one printer; a scale for other shapes by the same machine.',
  Input: WarpCalibrateInput,
  compute({ bars }: WarpCalibrateInput) {
    const r = warpCalibrate(bars);
    return {
      result: r,
      warnings: r.outliers.length
        ? [`${r.outliers.length} of ${bars.length} bars lie far from the others.`]
        : [],
      steps: [
        ...bars.map((b, i) =>
          step(
            `ln r_${i + 1}`,
            'ln(measured/predicted)',
            `ln(${sig(b.measuredMm)}/${sig(b.predictedMm)}), φ = ${sig(b.solidFraction, 2)}`,
            Math.log(b.measuredMm / b.predictedMm),
            '',
          ),
        ),
        step('s', 'e^a', `scatter ${sig(r.scatter, 2)}, ${bars.length} bars, prior 1`, r.scale, ''),
        step('k', '0.3 + b', r.fitsExponent ? 'light and heavy bars' : 'not fitted', r.solidExponent, ''),
      ],
    };
  },
});
