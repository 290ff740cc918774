import { Choice, ListOf, Quantity } from '../input/fields.js';
import { sig } from '../lib/figures.js';
import { posterior, type Belief } from '../lib/posterior.js';
import { t975 } from '../lib/student.js';
import { gaugeKinds, type GaugeKind } from './gauge-kinds.js';
import { model, step } from './model.js';

/** A size that was measured, beside what it should be. */
export class MeasuredSize {
  @Choice(gaugeKinds, { doc: 'What was measured: across the outside, across a hole, or a height.' })
  kind!: GaugeKind;
  @Quantity({ min: 0.5, max: 1000, unit: 'mm', doc: 'What it should be.' }) nominalMm!: number;
  @Quantity({ min: 0.1, max: 1100, unit: 'mm', doc: 'What it is.' }) measuredMm!: number;
  @Quantity({
    min: 0,
    max: 5,
    unit: 'mm',
    optional: true,
    doc: 'Standard error of the reading; default 0.02.',
  })
  errorMm = 0.02;
}

/** Input of `accuracy.gauge`. */
export class AccuracyGaugeInput {
  @ListOf(() => MeasuredSize, { max: 500, doc: 'Sizes of gauges of one family on one printer.' })
  sizes!: MeasuredSize[];
  @Quantity({
    min: -1,
    max: 5,
    unit: '%',
    optional: true,
    doc: 'What the family is known to shrink, which few readings move little; default 0.4.',
  })
  shrinkPct = 0.4;
}

/** A figure with its 95 % interval. */
export interface WithInterval {
  value: number;
  low: number;
  high: number;
}

/** Result of `accuracy.gauge`. */
export interface AccuracyGaugeResult {
  /** How much it shrinks in the plane of the plate and upright, % of length. */
  shrinkXyPct: WithInterval;
  shrinkZPct: WithInterval;
  /** What any outside is too wide by, and any hole too narrow, whatever its size, mm. */
  outsideMm: WithInterval;
  holeMm: WithInterval;
  /** What any height is over by, whatever it is: the first layer is squashed or stands off, mm. */
  footMm: WithInterval;
  /** What single sizes scatter by, mm. */
  scatterMm: number;
  /** What to type into a slicer. */
  compensation: {
    scaleXyPct: number;
    scaleZPct: number;
    /** Outlines in (−) or out (+), a side, mm. */
    outlineMm: number;
    /** Holes further out than outlines have it, a side, mm. */
    holeMm: number;
  };
  /** What a size of that length still misses by once all that is typed in: mm, and mm per mm of its length. */
  left: { sizeMm: number; perMm: number };
  /** Sizes far from what the others say, by their place in the list: shown, and counted for little. */
  outliers: number[];
}

/** Before anything is measured: how far shrinkage may lie from what is known, %; offsets about nought, mm. */
const BELIEFS = { shrinkPct: 0.4, outside: { mean: 0, sd: 0.15 }, hole: { mean: 0.1, sd: 0.2 } };
/** What sizes scatter by before any is seen, mm, and how many readings that counts as. */
const SCATTER = { mm: 0.05, readings: 2 };
/** Residuals over this many scatters are outliers; over this many they count for less (Huber 1964). */
const LIMITS = { outlier: 3, full: 1.5 };
const FIT_ROUNDS = 12;

/**
 * A machine's shrinkage and offsets by sizes measured on it. Outside: m − n = −s·n + o; hole: m − n = −s·n − h; height:
 * m − n = −z·n + f. Least squares with normal beliefs, so that few readings move them little, and weights by Huber.
 */
export function accuracyGauge({ sizes, shrinkPct }: AccuracyGaugeInput): AccuracyGaugeResult {
  const shrink: Belief = { mean: shrinkPct / 100, sd: BELIEFS.shrinkPct / 100 };
  const priors = [shrink, BELIEFS.outside, BELIEFS.hole, shrink, BELIEFS.outside];
  const rows = sizes.map(s => ({ x: place(s), y: s.measuredMm - s.nominalMm, error: s.errorMm }));
  let scatter = SCATTER.mm;
  let weights = rows.map(() => 1);
  const fit = (): Belief[] =>
    posterior(
      rows.map((r, i) => ({ ...r, weight: weights[i]! / (scatter ** 2 + r.error ** 2) })),
      priors,
    );
  let found = fit();
  let residuals = rows.map(r => r.y - valueAt(r.x, found));
  const dof = SCATTER.readings + Math.max(0, rows.length - fittedOf(sizes));
  for (let round = 0; round < FIT_ROUNDS && rows.length; round++) {
    const sum = residuals.reduce((s, r, i) => s + weights[i]! * r * r, 0);
    scatter = Math.sqrt((SCATTER.readings * SCATTER.mm ** 2 + sum) / dof);
    weights = residuals.map(r => Math.min(1, (LIMITS.full * scatter) / Math.max(1e-9, Math.abs(r))));
    found = fit();
    residuals = rows.map(r => r.y - valueAt(r.x, found));
  }
  const wide = t975(dof);
  const shown = (i: number, times = 1): WithInterval => ({
    value: times * found[i]!.mean,
    low: times * (found[i]!.mean - wide * found[i]!.sd),
    high: times * (found[i]!.mean + wide * found[i]!.sd),
  });
  const [s, outside, hole, z] = found.map(b => b.mean) as [number, number, number, number];
  return {
    shrinkXyPct: shown(0, 100),
    outsideMm: shown(1),
    holeMm: shown(2),
    shrinkZPct: shown(3, 100),
    footMm: shown(4),
    scatterMm: scatter,
    compensation: {
      scaleXyPct: 100 / (1 - s),
      scaleZPct: 100 / (1 - z),
      outlineMm: -outside / 2,
      holeMm: (hole - outside) / 2,
    },
    left: { sizeMm: Math.hypot(scatter, found[1]!.sd), perMm: found[0]!.sd },
    outliers: residuals.flatMap((r, i) => (Math.abs(r) > LIMITS.outlier * scatter ? [i] : [])),
  };
}

/** A size's place in the model: [s, o, h, z, f]. */
function place({ kind, nominalMm: n }: MeasuredSize): number[] {
  switch (kind) {
    case 'outside':
      return [-n, 1, 0, 0, 0];
    case 'hole':
      return [-n, 0, -1, 0, 0];
    case 'height':
      return [0, 0, 0, -n, 1];
  }
}

function valueAt(x: readonly number[], beliefs: readonly Belief[]): number {
  return x.reduce((sum, xi, i) => sum + xi * beliefs[i]!.mean, 0);
}

/** Figures that these sizes settle: a shrinkage and an offset for what is measured in the plane, and upright. */
function fittedOf(sizes: readonly MeasuredSize[]): number {
  const kinds = new Set(sizes.map(s => s.kind));
  const plane = Number(kinds.has('outside')) + Number(kinds.has('hole'));
  return plane + Number(plane > 0) + 2 * Number(kinds.has('height'));
}

/** `accuracy.gauge`: a machine's shrinkage and offsets, and what to type into a slicer against them. */
export const accuracyGaugeModel = model({
  id: 'accuracy.gauge',
  title: 'Shrinkage and offsets of a machine, by a gauge',
  source:
    'Outside m − n = −s·n + o; hole m − n = −s·n − h; height m − n = −z·n + f; normal beliefs s, z: the family ' +
    '± 0.4 %, o, f: 0 ± 0.15 mm, h: 0.1 ± 0.2 mm; Huber weights; Student’s t for the intervals',
  validity:
    'Gauges of one family on one printer, measured cold, as a slicer leaves them without compensation.',
  Input: AccuracyGaugeInput,
  compute(i: AccuracyGaugeInput) {
    const r = accuracyGauge(i);
    const c = r.compensation;
    return {
      result: r,
      warnings: r.outliers.length
        ? [`${r.outliers.length} of ${i.sizes.length} sizes lie far from what the others say.`]
        : [],
      steps: [
        ...i.sizes.map((s, n) =>
          step(
            `Δ_${n + 1}`,
            'm − n',
            `${sig(s.measuredMm)} − ${sig(s.nominalMm)}, ${s.kind}`,
            s.measuredMm - s.nominalMm,
            'mm',
          ),
        ),
        step('s', 'least squares', `in the plane, about ${sig(i.shrinkPct)} %`, r.shrinkXyPct.value, '%'),
        step('z', 'least squares', `upright, about ${sig(i.shrinkPct)} %`, r.shrinkZPct.value, '%'),
        step('o', 'least squares', 'outside, about 0', r.outsideMm.value, 'mm'),
        step('h', 'least squares', 'holes, about 0.1 mm', r.holeMm.value, 'mm'),
        step('scale', '100/(1 − s)', `100/(1 − ${sig(r.shrinkXyPct.value / 100)})`, c.scaleXyPct, '%'),
        step('outline', '−o/2', `−${sig(r.outsideMm.value)}/2`, c.outlineMm, 'mm'),
        step('hole', '(h − o)/2', `(${sig(r.holeMm.value)} − ${sig(r.outsideMm.value)})/2`, c.holeMm, 'mm'),
      ],
    };
  },
});
