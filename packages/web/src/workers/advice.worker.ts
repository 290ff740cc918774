import {
  tipping,
  upgradeHints,
  type Brief,
  type Family,
  type Printer,
  type Tip,
  type UpgradeHint,
  type Weather,
} from '@hornblende/core';

export interface AdviceQuestion {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
}
/** A tip without the families, which the asker has; `price` says what is dearer. */
export type PlainTip = Omit<Tip, 'then'> & { brief: Brief; printer: Printer | null };
export type AdviceAnswer =
  { done: number; total: number } | { tips: PlainTip[]; hints: UpgradeHint[] } | { failed: string };

/** Looks for what would change the first choice, and what a purchase would let in: some hundred rankings. */
self.onmessage = (e: MessageEvent<AdviceQuestion>) => {
  const { brief, ...options } = e.data;
  try {
    const tips = tipping(brief, options, (done, total) =>
      self.postMessage({ done, total } satisfies AdviceAnswer),
    );
    const hints = upgradeHints(brief, options);
    self.postMessage({
      tips: tips.map(({ then, ...tip }) => ({ ...tip, brief: then.brief, printer: then.printer })),
      hints,
    } satisfies AdviceAnswer);
  } catch (error) {
    self.postMessage({ failed: (error as Error).message } satisfies AdviceAnswer);
  }
};
