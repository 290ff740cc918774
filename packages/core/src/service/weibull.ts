import { bisect } from '../lib/bisect.js';
import { maximise } from '../lib/maximise.js';

/** A time for a Weibull fit: failed at `years`, or between `sinceYears` and it, or not yet by it. */
export interface WeibullTime {
  years: number;
  failed: boolean;
  /** Last seen sound, where the failure was found later; null: failed at the time itself. */
  sinceYears: number | null;
  /** How much it counts; default 1. */
  weight?: number;
}

/** A time that several parts share. */
interface CountedTime extends WeibullTime {
  count: number;
}

/** An estimate with its 95 % profile interval; an end is null where the data do not bound it. */
export interface ProfileEstimate {
  typical: number;
  low: number | null;
  high: number | null;
}

/** A Weibull distribution of lives: S(t) = exp(−(t/scale)^shape). */
export interface WeibullFit {
  shape: ProfileEstimate;
  scale: ProfileEstimate;
}

/** Shapes that are searched: under the one nothing mechanical lies, over the other all fail on one day. */
const SHAPES = { low: 0.05, high: 40 };
/** Failures that a shape takes at the least. */
const LEAST_FAILURES = 2;
/** Half of the chi-square quantile of one degree of freedom at 95 %: how far a profile may fall. */
const DROP = 3.841459 / 2;
/** How far in ln the scale is looked for around the times. */
const SCALE_SPAN = 8;

/**
 * Weibull by maximum likelihood, with right-censored and interval-censored times (Meeker and Escobar 1998), and 95 %
 * intervals by profile likelihood. Null of fewer than two failures, or where they do not bound the shape.
 */
export function fitWeibull(times: readonly WeibullTime[]): WeibullFit | null {
  const used = counted(times.filter(t => t.years > 0 && t.weight !== 0));
  if (failuresOf(used) < LEAST_FAILURES) return null;
  const low = Math.log(SHAPES.low);
  const high = Math.log(SHAPES.high);
  const scaleFor = scaleFinder(used);
  const byShape = (lnShape: number): number => logLikelihood(used, lnShape, scaleFor(lnShape));
  const lnShape = maximise(byShape, low, high);
  if (lnShape > high - 0.01 || lnShape < low + 0.01) return null;
  const lnScale = scaleFor(lnShape);
  const top = byShape(lnShape);
  const byScale = (ln: number): number => {
    const best = maximise(s => logLikelihood(used, s, ln), low, high, 1e-5);
    return logLikelihood(used, best, ln);
  };
  return {
    shape: {
      typical: Math.exp(lnShape),
      low: exp(edge(byShape, top, lnShape, low)),
      high: exp(edge(byShape, top, lnShape, high)),
    },
    scale: {
      typical: Math.exp(lnScale),
      low: exp(edge(byScale, top, lnScale, lnScale - SCALE_SPAN)),
      high: exp(edge(byScale, top, lnScale, lnScale + SCALE_SPAN)),
    },
  };
}

/** Parts from which on times are taken to four days: no more than their looks tell. */
const COARSE_FROM_PARTS = 500;
const GRAIN_YEARS = 0.01;

/** Times with how many share each, so that thousands of parts cost no more than their different times. */
function counted(times: readonly WeibullTime[]): CountedTime[] {
  const rounded = (years: number): number =>
    times.length < COARSE_FROM_PARTS
      ? years
      : Math.max(GRAIN_YEARS, Math.round(years / GRAIN_YEARS) * GRAIN_YEARS);
  const byTime = new Map<string, CountedTime>();
  for (const t of times) {
    const years = rounded(t.years);
    const since = t.sinceYears === null || t.sinceYears === 0 ? t.sinceYears : rounded(t.sinceYears);
    // A look on the day of the last one tells the day itself.
    const sinceYears = since !== null && since >= years ? null : since;
    const key = `${years} ${t.failed} ${sinceYears}`;
    const known = byTime.get(key);
    const count = t.weight ?? 1;
    if (known) known.count += count;
    else byTime.set(key, { years, failed: t.failed, sinceYears, count });
  }
  return [...byTime.values()];
}

function failuresOf(times: readonly CountedTime[]): number {
  return times.reduce((sum, t) => sum + (t.failed ? t.count : 0), 0);
}

/** The best ln scale for an ln shape: in closed form where no time is an interval, Σt^k/d = λ^k. */
function scaleFinder(times: readonly CountedTime[]): (lnShape: number) => number {
  const failures = failuresOf(times);
  const longest = Math.max(...times.map(t => t.years));
  if (times.every(t => !t.failed || t.sinceYears === null))
    return lnShape => {
      const k = Math.exp(lnShape);
      // Relative to the longest, so that no power overflows.
      const sum = times.reduce((s, t) => s + t.count * (t.years / longest) ** k, 0);
      return Math.log(longest) + Math.log(sum / failures) / k;
    };
  return lnShape =>
    maximise(
      ln => logLikelihood(times, lnShape, ln),
      Math.log(longest) - SCALE_SPAN,
      Math.log(longest) + SCALE_SPAN,
      1e-5,
    );
}

function logLikelihood(times: readonly CountedTime[], lnShape: number, lnScale: number): number {
  const k = Math.exp(lnShape);
  const power = (years: number): number => Math.exp(k * (Math.log(years) - lnScale));
  const of = ({ years, failed, sinceYears }: WeibullTime): number => {
    if (!failed) return -power(years);
    if (sinceYears === null) return lnShape - lnScale + (k - 1) * (Math.log(years) - lnScale) - power(years);
    const from = sinceYears > 0 ? power(sinceYears) : 0;
    // ln(e^−a − e^−b) = −a + ln(1 − e^−(b − a)).
    return -from + Math.log(-Math.expm1(from - power(years)));
  };
  return times.reduce((sum, t) => sum + t.count * of(t), 0);
}

/** Where a profile has fallen so far that a value is no longer believed; null where it never does. */
function edge(profile: (x: number) => number, top: number, at: number, end: number): number | null {
  const over = (x: number): number => top - DROP - profile(x);
  if (!(over(end) > 0)) return null;
  const share = bisect(s => over(at + s * (end - at)), 0, 1, 1e-6);
  return at + share * (end - at);
}

function exp(ln: number | null): number | null {
  return ln === null ? null : Math.exp(ln);
}
