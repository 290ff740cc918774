import type { DrillAnswer } from './drill-answer.js';
import { reliability, type Calibration } from '../lib/reliability.js';

/** What may be said of an answer: from a guess to being sure. */
export const sureness = [0.25, 0.5, 0.7, 0.9, 0.99] as const;

/** How well someone knows how well they know: the Brier score, and the share that was right by what was said. */
export function calibration(answers: readonly Pick<DrillAnswer, 'sure' | 'right'>[]): Calibration {
  return reliability(answers.map(a => ({ said: a.sure, came: a.right })));
}

/** Points that are too few to say anything of how sure one should be. */
const FEWEST_ANSWERS = 20;
/** A mean that is off by this is worth a word. */
const LEAST_BIAS_TOLD = 0.08;

/** What a calibration comes to, in a sentence. */
export function calibrationWords({ answers, overconfidence, brier }: Calibration): string {
  if (answers === 0 || overconfidence === null || brier === null) return 'Nothing answered yet.';
  if (answers < FEWEST_ANSWERS)
    return `${answers} answered: from ${FEWEST_ANSWERS} on it says how sure to be.`;
  const score = `Brier score ${brier.toFixed(2)} (nought is perfect, guessing among four about 0.19).`;
  if (overconfidence > LEAST_BIAS_TOLD)
    return `Too sure by ${Math.round(100 * overconfidence)} in 100. ${score}`;
  if (overconfidence < -LEAST_BIAS_TOLD)
    return `Better than you think, by ${Math.round(-100 * overconfidence)} in 100. ${score}`;
  return `As sure as you should be. ${score}`;
}
