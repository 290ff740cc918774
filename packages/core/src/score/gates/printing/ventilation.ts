import type { FamilyFlags } from '../../../materials/family.js';
import type { PrintingCheck } from './check.js';

const whyByFumes: Record<FamilyFlags['fumes'], string> = {
  styrene: 'Gives off styrene.',
  moderate: 'Gives off caprolactam or other vapours.',
  low: 'Gives off little.',
};

/** Whether its fumes go somewhere. */
export const ventilationCheck: PrintingCheck = (f, p) => {
  const bad = f.flags.fumes !== 'low';
  return {
    id: 'ventilation',
    verdict: bad && p.ventilation === 'none' ? 'marginal' : 'pass',
    need: bad ? 'room or extracted' : 'any',
    have: p.ventilation,
    unit: '',
    why: whyByFumes[f.flags.fumes],
    rescue: 'ventilate the room or extract the air',
    marginalPoints: 0.5,
  };
};
