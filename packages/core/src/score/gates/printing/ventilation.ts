import { vapourSentence } from '../../../materials/vapours.js';
import type { PrintingCheck } from './check.js';

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
