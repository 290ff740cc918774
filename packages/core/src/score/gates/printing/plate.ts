import { sig } from '../../../lib/figures.js';
import { HOLD_SHARES, bestAdhesion, footholdName } from '../../../print/adhesion.js';
import { byShare } from '../../gate.js';
import type { PrintingCheck } from './check.js';

/** Whether it holds on to a plate that the printer has, without tearing it. */
export const plateCheck: PrintingCheck = (f, p) => {
  const best = bestAdhesion(f, p);
  const elsewhere = bestAdhesion(f, null);
  const energy = best?.energyJm2 ?? 0;
  const wanted = elsewhere?.energyJm2 ?? 1;
  const where = best ? footholdName(best) : 'none known';
  const rescue = elsewhere ? `passes on ${footholdName(elsewhere)}` : null;
  const found = { id: 'plate' as const, have: energy, unit: 'J/m²', need: HOLD_SHARES.comfortable * wanted };
  if (best?.grips)
    return {
      ...found,
      verdict: 'marginal',
      why: `Bonds to bare ${where} so hard that it tears the plate.`,
      rescue: f.adhesion['textured-pei'] ? 'use a textured plate, or a release layer' : rescue,
      marginalPoints: 1,
    };
  const verdict = byShare(energy / wanted, HOLD_SHARES);
  return {
    ...found,
    verdict,
    why:
      verdict === 'fail'
        ? `Holds on to nothing here: ${sig(energy, 2)} J/m² on ${where}.`
        : `Holds on ${where} with ${sig(energy, 3)} J/m².`,
    rescue,
    marginalPoints: 1,
  };
};
