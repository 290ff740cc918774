import { sig } from '../../../lib/figures.js';
import type { FillerKey } from '../../../materials/filler-keys.js';
import type { PrintingCheck } from './check.js';

/** Bore from which what is in a filament runs through without clogging, mm; as practice has it. */
const RUNS_FROM_MM: Partial<Record<FillerKey, number>> = {
  'carbon-fibre': 0.4,
  'glass-fibre': 0.4,
  microspheres: 0.4,
  wood: 0.4,
  metal: 0.4,
  iron: 0.4,
  ceramic: 0.4,
  glow: 0.4,
};
/** Share of that bore under which it clogs within minutes. */
const CLOGS_UNDER = 0.75;
/** What a narrow bore adds to the difficulty of a filled filament. */
const NARROW_POINTS = 2;
/** Bores differ by rounding errors that must not count. */
const HAIR = 1e-9;

/** Whether what is in a filament runs through the nozzle's bore; nothing to say where nothing is in it. */
export const boreCheck: PrintingCheck = (f, p) => {
  const from = f.filler && RUNS_FROM_MM[f.filler];
  if (!from) return null;
  const narrow = p.nozzleMm < from - HAIR;
  const clogs = p.nozzleMm < CLOGS_UNDER * from - HAIR;
  return {
    id: 'bore',
    verdict: clogs ? 'fail' : narrow ? 'marginal' : 'pass',
    need: from,
    have: p.nozzleMm,
    unit: 'mm',
    why: narrow
      ? `What is in it clogs a bore under ${sig(from, 2)} mm; this nozzle has ${sig(p.nozzleMm, 2)} mm.`
      : `What is in it runs through a bore of ${sig(p.nozzleMm, 2)} mm.`,
    rescue: `passes with a nozzle of ${sig(from, 2)} mm`,
    marginalPoints: NARROW_POINTS,
  };
};
