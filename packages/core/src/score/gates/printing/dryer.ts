import type { FamilyFlags } from '../../../materials/family.js';
import { printAidWords } from '../../../brief/print-aids.js';
import { MARGINAL_POINTS, type PrintingCheck } from './check.js';

/** Share of first prints that come out well of what drinks and cannot be dried: fresh, and known damp; estimates. */
const UNDRIED_KEEPS = { sealed: 0.5, damp: 0.35 };

const whyByMoisture: Record<FamilyFlags['moisture'], (dryC: number) => string> = {
  high: dryC => `Damp it prints rough and weak: dry it at ${dryC} °C or more before each print.`,
  medium: dryC => `Strings when damp; dries at ${dryC} °C.`,
  low: () => 'Seldom needs drying.',
};

/** Whether it is dry, or can be dried: by the ledger of the spool that would be used, where there is one. */
export const dryerCheck: PrintingCheck = (f, p) => {
  const need = f.properties.dryC?.low ?? 0;
  // A box that dries what it feeds is a dryer as well.
  const reaches = Math.max(p.dryerMaxC ?? -Infinity, p.feedDryerC ?? -Infinity);
  const enough = reaches >= need;
  if ((f.spool === 'dry' || f.spool === 'dried first') && f.flags.moisture === 'high')
    return {
      id: 'dryer',
      verdict: 'pass',
      need: 'dry',
      have: 'dry',
      unit: '',
      why:
        f.spool === 'dry'
          ? 'The spool on the shelf is dry by its ledger.'
          : 'It is dried just before, as ticked.',
      rescue: null,
      marginalPoints: 0,
    };
  const isDamp = f.spool === 'dry it first';
  return {
    id: 'dryer',
    // Fresh from its bag it prints once or twice: without a dryer that is a gamble, not a blocker.
    verdict: enough || f.flags.moisture !== 'high' ? 'pass' : 'marginal',
    need,
    have: Number.isFinite(reaches) ? reaches : 'none',
    unit: '°C',
    why: whyByMoisture[f.flags.moisture](need) + (isDamp ? ' The spool on the shelf is damp.' : ''),
    rescue: `print it fresh from its sealed bag, or get a dryer that reaches ${need} °C`,
    remedy: { label: `count ${printAidWords.dried.label}`, path: 'print.aids', value: ['dried'] },
    marginalPoints: MARGINAL_POINTS,
    keeps: isDamp ? UNDRIED_KEEPS.damp : UNDRIED_KEEPS.sealed,
  };
};
