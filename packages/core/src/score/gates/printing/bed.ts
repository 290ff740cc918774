import type { Verdict } from '../../gate.js';
import type { PrintingCheck } from './check.js';

/** Kelvins that a bed may fall short and still hold, with care. */
const BED_SHORT_K = 10;

/** Whether the bed gets warm enough. */
export const bedCheck: PrintingCheck = (f, p) => {
  const { bedC } = f.windows;
  const shortK = bedC.low - p.bedMaxC;
  return {
    id: 'bed',
    verdict: bedVerdict(shortK, f.flags.coldBed),
    need: bedC.low,
    have: p.bedMaxC,
    unit: '°C',
    why: `Wants a bed at ${bedC.low} to ${bedC.high} °C; this one reaches ${p.bedMaxC} °C.`,
    rescue: f.flags.coldBed
      ? 'hold it with glue or tape on a cold plate'
      : `passes with a bed that reaches ${bedC.low} °C`,
    marginalPoints: 1.5 * Math.min(1, shortK / BED_SHORT_K),
  };
};

function bedVerdict(shortK: number, coldBed: boolean): Verdict {
  if (shortK <= 0) return 'pass';
  return coldBed || shortK <= BED_SHORT_K ? 'marginal' : 'fail';
}
