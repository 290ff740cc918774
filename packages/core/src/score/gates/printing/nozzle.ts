import { MARGINAL_POINTS, reach, type PrintingCheck } from './check.js';

/** Whether the nozzle gets hot enough. */
export const nozzleCheck: PrintingCheck = (f, p) => {
  const { nozzleC } = f.windows;
  const { verdict, shortShare } = reach(p.nozzleMaxC, nozzleC);
  return {
    id: 'nozzle',
    verdict,
    need: nozzleC.low,
    have: p.nozzleMaxC,
    unit: '°C',
    why: `Melts well from ${nozzleC.low} to ${nozzleC.high} °C; this nozzle reaches ${p.nozzleMaxC} °C.`,
    rescue: `passes with a hot end for ${nozzleC.low} °C`,
    marginalPoints: MARGINAL_POINTS * shortShare,
  };
};
