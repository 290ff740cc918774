import type { FamilyFlags } from '../../../materials/family.js';
import { MARGINAL_POINTS, type PrintingCheck } from './check.js';

/** Share of first prints that come out well of a filament that drinks and cannot be dried; an estimate. */
const UNDRIED_KEEPS = 0.5;

const whyByMoisture: Record<FamilyFlags['moisture'], (dryC: number) => string> = {
  high: dryC => `Damp it prints rough and weak: dry it at ${dryC} °C or more before each print.`,
  medium: dryC => `Strings when damp; dries at ${dryC} °C.`,
  low: () => 'Seldom needs drying.',
};

/** Whether it can be dried. */
export const dryerCheck: PrintingCheck = (f, p) => {
  const need = f.properties.dryC?.low ?? 0;
  const enough = p.dryerMaxC !== null && p.dryerMaxC >= need;
  return {
    id: 'dryer',
    // Fresh from its bag it prints once or twice: without a dryer that is a gamble, not a blocker.
    verdict: enough || f.flags.moisture !== 'high' ? 'pass' : 'marginal',
    need,
    have: p.dryerMaxC ?? 'none',
    unit: '°C',
    why: whyByMoisture[f.flags.moisture](need),
    rescue: `print it fresh from its sealed bag, or get a dryer that reaches ${need} °C`,
    marginalPoints: MARGINAL_POINTS,
    keeps: UNDRIED_KEEPS,
  };
};
