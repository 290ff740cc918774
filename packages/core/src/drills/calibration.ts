import type { DrillAnswer } from './drill-answer.js';
import { Z_95 } from '../lib/physical-constants.js';

/** What may be said of an answer: from a guess to being sure. */
export const sureness = [0.25, 0.5, 0.7, 0.9, 0.99] as const;

/** Answers that were held to be about as likely right, and how many were. */
export interface CalibrationPoint {
  /** Mean of what was said, 0 to 1. */
  said: number;
  /** Share that was right. */
  hit: number;
  /** Wilson's 95 % interval of that share. */
  low: number;
  high: number;
  answers: number;
}

/** How well what was said fits what came. */
export interface Calibration {
  /** Mean of (said − came)², 0 the best; null without answers (Brier 1950). */
  brier: number | null;
  /** What always saying the share that is right would score; null without answers. */
  brierOfShare: number | null;
  /** Mean of what was said less the share that is right: over nought is too sure. */
  overconfidence: number | null;
  answers: number;
  points: CalibrationPoint[];
}

/** Wilson's interval of a share (Wilson 1927): it holds for few as well. */
export function wilsonInterval(hits: number, all: number): { low: number; high: number } {
  if (all === 0) return { low: 0, high: 1 };
  const p = hits / all;
  const z2 = Z_95 * Z_95;
  const middle = (p + z2 / (2 * all)) / (1 + z2 / all);
  const half = (Z_95 / (1 + z2 / all)) * Math.sqrt((p * (1 - p)) / all + z2 / (4 * all * all));
  // At the ends of the range the two cancel but for the last bit.
  return {
    low: hits === 0 ? 0 : Math.max(0, middle - half),
    high: hits === all ? 1 : Math.min(1, middle + half),
  };
}

/** How well someone knows how well they know: the Brier score, and the share that was right by what was said. */
export function calibration(answers: readonly Pick<DrillAnswer, 'sure' | 'right'>[]): Calibration {
  const all = answers.length;
  if (!all) return { brier: null, brierOfShare: null, overconfidence: null, answers: 0, points: [] };
  const share = answers.filter(a => a.right).length / all;
  const said = answers.reduce((sum, a) => sum + a.sure, 0) / all;
  const brier = answers.reduce((sum, a) => sum + (a.sure - Number(a.right)) ** 2, 0) / all;
  return {
    brier,
    brierOfShare: share * (1 - share),
    overconfidence: said - share,
    answers: all,
    points: pointsOf(answers),
  };
}

function pointsOf(answers: readonly Pick<DrillAnswer, 'sure' | 'right'>[]): CalibrationPoint[] {
  const levels = [...new Set(answers.map(a => a.sure))].sort((a, b) => a - b);
  return levels.map(said => {
    const those = answers.filter(a => a.sure === said);
    const hits = those.filter(a => a.right).length;
    return { said, hit: hits / those.length, ...wilsonInterval(hits, those.length), answers: those.length };
  });
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
