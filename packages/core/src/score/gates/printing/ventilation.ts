import type { FamilyFlags } from '../../../materials/family.js';
import { vapours } from '../../../materials/vapours.js';
import type { PrintingCheck } from './check.js';

/** What it gives off, in a sentence. */
export function vapourSentence({ fumes, vapour }: FamilyFlags): string {
  if (fumes === 'low' || !vapour) return 'Gives off little.';
  const { name, does } = vapours[vapour.of];
  return `Gives off ${name}, which ${does}.`;
}

/** Whether its fumes go somewhere. */
export const ventilationCheck: PrintingCheck = (f, p) => {
  const bad = f.flags.fumes !== 'low';
  return {
    id: 'ventilation',
    verdict: bad && p.ventilation === 'none' ? 'marginal' : 'pass',
    need: bad ? 'room or extracted' : 'any',
    have: p.ventilation,
    unit: '',
    why: vapourSentence(f.flags),
    rescue: 'ventilate the room or extract the air',
    marginalPoints: 0.5,
    keeps: 1,
  };
};
