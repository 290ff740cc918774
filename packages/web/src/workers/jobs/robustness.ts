import {
  robustnessInSteps,
  type Brief,
  type Family,
  type Printer,
  type Robustness,
  type Weather,
} from '@hornblende/core';
import type { Progress } from '../job';

/** A ranking to be tried. */
export interface RobustnessQuestion {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
  draws: number;
  seed: number;
}

/** Tries a ranking in thousands of draws. */
export function run({ brief, ...options }: RobustnessQuestion, progress: Progress): Robustness {
  const steps = robustnessInSteps(brief, options);
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    progress(next.value, options.draws);
  }
}
