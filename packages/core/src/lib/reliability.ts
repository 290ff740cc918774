import { mean } from 'simple-statistics';
import { Z_95 } from './physical-constants.js';

/** What was said of something to come, 0 to 1, and whether it came. */
export interface Forecast {
  said: number;
  came: boolean;
  /** How much it counts; default 1. */
  weight?: number;
}

/** Forecasts that were held to be about as likely, and how many of them came. */
export interface CalibrationPoint {
  /** Mean of what was said, 0 to 1. */
  said: number;
  /** Share that came. */
  hit: number;
  /** Wilson's 95 % interval of that share. */
  low: number;
  high: number;
  answers: number;
}

/** How well what was said fits what came. */
export interface Calibration {
  /** Mean of (said − came)², 0 the best; null without forecasts (Brier 1950). */
  brier: number | null;
  /** What always saying the share that came would score; null without forecasts. */
  brierOfShare: number | null;
  /** Mean of what was said less the share that came: over nought is too sure. */
  overconfidence: number | null;
  answers: number;
  points: CalibrationPoint[];
}

/** Wilson's interval of a share (Wilson 1927): it holds for few as well. */
export function wilsonInterval(hits: number, all: number): { low: number; high: number } {
  if (all === 0) return { low: 0, high: 1 };
  const p = hits / all;
  const z2 = Z_95 * Z_95;
  const middle = (p + z2 / (2 * all)) / (1 + z2 / all);
  const half = (Z_95 / (1 + z2 / all)) * Math.sqrt((p * (1 - p)) / all + z2 / (4 * all * all));
  // At the ends of the range the two cancel but for the last bit.
  return {
    low: hits === 0 ? 0 : Math.max(0, middle - half),
    high: hits === all ? 1 : Math.min(1, middle + half),
  };
}

/**
 * How well forecasts fit what came: the Brier score, and the share that came by what was said.
 * @param groupOf which forecasts are counted together, by what they say; default those that say the same
 */
export function reliability(
  forecasts: readonly Forecast[],
  groupOf: (said: number) => number = said => said,
): Calibration {
  const all = weighed(forecasts);
  if (!all) return { brier: null, brierOfShare: null, overconfidence: null, answers: 0, points: [] };
  const share = weighed(forecasts, f => Number(f.came)) / all;
  const said = weighed(forecasts, f => f.said) / all;
  const brier = weighed(forecasts, f => (f.said - Number(f.came)) ** 2) / all;
  const groups = [...new Set(forecasts.map(f => groupOf(f.said)))].sort((a, b) => a - b);
  return {
    brier,
    brierOfShare: share * (1 - share),
    overconfidence: said - share,
    answers: all,
    points: groups.map(group => pointOf(forecasts.filter(f => groupOf(f.said) === group))),
  };
}

function pointOf(those: readonly Forecast[]): CalibrationPoint {
  const all = weighed(those);
  const hits = weighed(those, f => Number(f.came));
  // Of such as count alike the mean itself, without what sums of products lose in the last place.
  const said = those.every(f => f.weight === undefined)
    ? mean(those.map(f => f.said))
    : weighed(those, f => f.said) / all;
  return { said, hit: hits / all, ...wilsonInterval(hits, all), answers: all };
}

/** The sum of something over forecasts, by what each counts. */
function weighed(forecasts: readonly Forecast[], of: (f: Forecast) => number = () => 1): number {
  return forecasts.reduce((sum, f) => sum + (f.weight ?? 1) * of(f), 0);
}
