import { scaleLinear, scaleLog } from 'd3-scale';

/** A scale that values and a limit share, with its marks. */
export interface MarginScale {
  /** Where a value stands, px from the left. */
  x: (value: number) => number;
  ticks: number[];
  log: boolean;
}

/** Values that span more than this many times themselves are shown by ratios. */
const LOG_FROM_RATIO = 30;
/** Room beyond the values, as a share of their span: at the lower end, and at the upper one. */
const PAD = 0.06;
const PAD_HIGH = 0.13;
const TICKS = 6;

/** A scale from below the lowest to above the highest value; wide spans go logarithmic. @param width in px */
export function marginScale(values: readonly number[], width: number): MarginScale {
  const min = Math.min(...values);
  const max = Math.max(...values);
  const log = min > 0 && max / min > LOG_FROM_RATIO;
  if (log) {
    const span = Math.log(max / min);
    const domain = [min * Math.exp(-PAD * span), max * Math.exp(PAD_HIGH * span)];
    const scale = scaleLog(domain, [0, width]);
    return { x: scale, ticks: sparse(scale.ticks(TICKS)), log };
  }
  const span = max - min || 1;
  const low = min < 0 ? min - PAD * span : Math.max(0, min - PAD * span);
  const scale = scaleLinear([low, max + PAD_HIGH * span], [0, width]);
  return { x: scale, ticks: scale.ticks(TICKS), log };
}

/** Of the marks of a logarithmic axis, those at 1, 2 and 5 of each decade; over many decades, those at 1. */
function sparse(ticks: readonly number[]): number[] {
  const leading = (t: number): number => Math.round(t / 10 ** Math.floor(Math.log10(t) + 1e-9));
  const decades = Math.log10((ticks.at(-1) ?? 1) / (ticks[0] ?? 1));
  const kept = decades < 2.2 ? [1, 2, 5] : [1];
  return ticks.filter(t => kept.includes(leading(t)));
}
