import type { Verdict } from '../../gate.js';
import type { PrintingCheck } from './check.js';

/** How much a kelvin short of the wanted chamber may be before it is a blocker. */
const CHAMBER_TOLERANCE_K = 8;
/** The warmest air that an enclosure without a heater of its own holds, °C. */
const ENCLOSURE_C = 50;

/** Whether the air around the print is warm enough. */
export const chamberCheck: PrintingCheck = (f, p) => {
  const { chamberC } = f.windows;
  const where = p.chamber === 'open' ? 'open printer' : `${p.chamber} chamber`;
  return {
    id: 'chamber',
    verdict: chamberVerdict(chamberC.low - p.chamberC),
    need: chamberC.low,
    have: p.chamberC,
    unit: '°C',
    why: `Wants ${chamberC.low} °C of still air around it; this ${where} gives ${p.chamberC} °C.`,
    rescue:
      chamberC.low <= ENCLOSURE_C
        ? `passes with an enclosure that holds ${chamberC.low} °C`
        : `passes with a heated chamber at ${chamberC.low} °C`,
    marginalFactor: 0.85,
  };
};

function chamberVerdict(shortK: number): Verdict {
  if (shortK <= 0) return 'pass';
  return shortK <= CHAMBER_TOLERANCE_K ? 'marginal' : 'fail';
}
