import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import { robustnessInSteps, type Robustness } from '@hornblende/core/score';
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
