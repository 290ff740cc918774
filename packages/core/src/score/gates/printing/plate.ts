import { sig } from '../../../lib/figures.js';
import { ADHESION_LIMITS, bestAdhesion, footholdName } from '../../../print/adhesion.js';
import type { Verdict } from '../../gate.js';
import type { PrintingCheck } from './check.js';

/** Whether it holds on to a plate that the printer has, without tearing it. */
export const plateCheck: PrintingCheck = (f, p) => {
  const best = bestAdhesion(f, p);
  const energy = best?.energyJm2 ?? 0;
  const where = best ? footholdName(best) : 'none known';
  const elsewhere = bestAdhesion(f, null);
  const rescue = elsewhere ? `passes on ${footholdName(elsewhere)}` : null;
  const found = { id: 'plate' as const, have: energy, unit: 'J/m²' };
  if (energy > ADHESION_LIMITS.high)
    return {
      ...found,
      verdict: 'marginal',
      need: ADHESION_LIMITS.high,
      why: `Bonds to bare ${where} so hard that it tears the plate.`,
      rescue: f.adhesion['textured-pei'] ? 'use a textured plate, or a release layer' : rescue,
      marginalFactor: 0.85,
    };
  const verdict = holdVerdict(energy);
  return {
    ...found,
    verdict,
    need: ADHESION_LIMITS.low,
    why:
      verdict === 'fail'
        ? `Holds on to nothing here: ${sig(energy, 2)} J/m² on ${where}.`
        : `Holds on ${where} with ${sig(energy, 3)} J/m².`,
    rescue,
    marginalFactor: 0.8,
  };
};

function holdVerdict(energyJm2: number): Verdict {
  if (energyJm2 < ADHESION_LIMITS.low) return 'fail';
  return energyJm2 < ADHESION_LIMITS.comfortable ? 'marginal' : 'pass';
}
