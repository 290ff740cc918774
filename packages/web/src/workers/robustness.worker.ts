import {
  robustnessInSteps,
  type Brief,
  type Family,
  type Printer,
  type Robustness,
  type Weather,
} from '@hornblende/core';

export interface RobustnessQuestion {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
  draws: number;
  seed: number;
}
export type RobustnessAnswer = { done: number; total: number } | { result: Robustness } | { failed: string };

/** Tries a ranking in thousands of draws; whoever asks ends it by ending the worker. */
self.onmessage = (e: MessageEvent<RobustnessQuestion>) => {
  const { brief, ...options } = e.data;
  try {
    const steps = robustnessInSteps(brief, options);
    let next = steps.next();
    while (!next.done) {
      self.postMessage({ done: next.value, total: options.draws } satisfies RobustnessAnswer);
      next = steps.next();
    }
    self.postMessage({ result: next.value } satisfies RobustnessAnswer);
  } catch (error) {
    self.postMessage({ failed: (error as Error).message } satisfies RobustnessAnswer);
  }
};
