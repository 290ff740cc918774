import { MARGINAL_POINTS, reachVerdict, type PrintingCheck } from './check.js';

/** Whether a lined hot end may get hot enough; its liner decomposes above its limit. */
export const linerCheck: PrintingCheck = (f, p) => {
  if (p.linerLimitC === null) return null;
  const { nozzleC } = f.windows;
  const verdict = reachVerdict(p.linerLimitC, nozzleC);
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
    marginalPoints: MARGINAL_POINTS,
  };
};
