import { MARGINAL_POINTS, reach, type PrintingCheck } from './check.js';

/** Share of first prints lost where a filament must be printed at the lower end of its window. */
const COLD_MELT_LOSES = 0.3;

/** Whether a lined hot end may get hot enough; its liner decomposes above its limit. */
export const linerCheck: PrintingCheck = (f, p) => {
  if (p.linerLimitC === null) return null;
  const { nozzleC } = f.windows;
  const { verdict, shortShare } = reach(p.linerLimitC, nozzleC);
  return {
    id: 'liner',
    verdict,
    need: nozzleC.low,
    have: p.linerLimitC,
    unit: '°C',
    why:
      verdict === 'fail'
        ? `Needs ${nozzleC.low} °C; the hot-end liner decomposes above ${p.linerLimitC} °C and its fumes are harmful.`
        : `Prints from ${nozzleC.low} °C; the hot-end liner is safe to ${p.linerLimitC} °C.`,
    rescue: 'passes with an all-metal hot end',
    marginalPoints: MARGINAL_POINTS * shortShare,
    // So near its limit it flows badly and its layers hold less.
    keeps: 1 - COLD_MELT_LOSES * shortShare,
  };
};
