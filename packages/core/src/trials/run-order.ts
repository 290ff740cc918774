import { shuffle } from 'simple-statistics';
import { chance } from '../lib/random.js';
import { counted } from './answer.js';
import type { Trial } from './trial.js';

/** A reading that is to be taken. */
export interface TrialStep {
  material: string;
  criterion: string;
  /** Which of its prints, from 1. */
  print: number;
}

/**
 * The order in which pieces are printed and read: every filament once, at random, then every one again, so that what
 * drifts over the days falls on all alike (randomised blocks, Fisher 1935). What is put out is left out.
 */
export function runOrder(trial: Trial): TrialStep[] {
  const source = chance(trial.seed);
  // The first draws of neighbouring seeds are alike.
  for (let i = 0; i < 8; i++) source.uniform();
  const running = trial.entrants.filter(e => e.eliminated === null).map(e => e.material);
  return Array.from({ length: trial.replicates }, (_, i) => i + 1).flatMap(print =>
    shuffle(running, source.uniform).flatMap(material =>
      trial.criteria.map(({ id }) => ({ material, criterion: id, print })),
    ),
  );
}

/** The next reading to take, in the order of the trial; null where every piece was read. */
export function nextStep(trial: Trial): TrialStep | null {
  const readOf = new Map(trial.entrants.map(e => [e.material, e]));
  return runOrder(trial).find(s => counted(readOf.get(s.material)!, s.criterion).length < s.print) ?? null;
}
