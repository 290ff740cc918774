import type { Door, PieceState, Trial } from '@hornblende/core/formats';
import { trialInput } from '@hornblende/core/trials';
import type { WorkingTopic } from '../../stores/working';

/** A chance in words. */
export function inDraws(p: number): string {
  if (p < 0.005) return 'never in 100 draws';
  if (p > 0.995) return 'in every draw';
  return `${Math.round(100 * p)} times in 100`;
}

/** The working of a trial's answer. */
export function answerWorking(trial: Trial): WorkingTopic {
  return { title: trial.name, refs: [{ model: 'trial.compare', inputs: trialInput(trial) }] };
}

/** How the printer’s door stood, in words. */
export const doorWords: Record<Door, string> = {
  open: 'door open, or none',
  propped: 'door propped',
  closed: 'door closed',
};
/** When a piece was measured, in words. */
export const stateWords: Record<PieceState, string> = {
  hot: 'still hot on the plate',
  cooled: 'cooled on the plate',
  released: 'off the plate',
};
