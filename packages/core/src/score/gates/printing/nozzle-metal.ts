import { isFibre } from '../../../materials/fibre.js';
import { MARGINAL_POINTS, type PrintingCheck } from './check.js';

/** Whether the nozzle's metal bears what is in the filament. */
export const nozzleMetalCheck: PrintingCheck = (f, p) => {
  const { abrasive } = f.flags;
  return {
    id: 'nozzle-metal',
    verdict: abrasive && p.nozzleMetal === 'brass' ? 'fail' : 'pass',
    need: abrasive ? 'hardened' : 'any',
    have: p.nozzleMetal,
    unit: '',
    why: abrasive
      ? `Its ${isFibre(f) ? 'fibres wear' : 'filler wears'} a brass nozzle out within a spool.`
      : 'Does not wear the nozzle.',
    rescue: 'passes with a hardened nozzle',
    marginalPoints: MARGINAL_POINTS,
  };
};
