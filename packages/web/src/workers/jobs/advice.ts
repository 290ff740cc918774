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

/** Looks for what would change the first choice: some hundred rankings. What is found is told as it comes. */
export function run({ brief, ...options }: AdviceQuestion, progress: Progress<AdviceAnswer>): AdviceAnswer {
  const tips = tipping(brief, options, (done, total, found) =>
    progress(done, total, { tips: found.map(plainTip), hints: [] }),
  );
  return { tips: tips.map(plainTip), hints: upgradeHints(brief, options) };
}

function plainTip({ then, ...tip }: Tip): PlainTip {
  return { ...tip, brief: then.brief, printer: then.printer };
}
