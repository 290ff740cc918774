import { tipping, upgradeHints, type Tip, type UpgradeHint } from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Brief, Printer } from '@hornblende/core/formats';
import type { Family } from '@hornblende/core/materials';
import type { Progress } from '../job';

/** What is asked: a brief, and all that its ranking rests on. */
export interface AdviceQuestion {
  brief: Brief;
  printer: Printer | null;
  weather: Weather | null;
  families: Family[];
}

/** A tip without the families, which the asker has. */
export type PlainTip = Omit<Tip, 'then'> & { brief: Brief; printer: Printer | null };

/** What would change the first choice, nearest first, and what a purchase would let in. */
export interface AdviceAnswer {
  tips: PlainTip[];
  hints: UpgradeHint[];
}

/** Looks for what would change the first choice: some hundred rankings. */
export function run({ brief, ...options }: AdviceQuestion, progress: Progress): AdviceAnswer {
  const tips = tipping(brief, options, progress);
  return {
    tips: tips.map(({ then, ...tip }) => ({ ...tip, brief: then.brief, printer: then.printer })),
    hints: upgradeHints(brief, options),
  };
}
