import {
  weighUpgrades,
  type WorkshopUpgradesInput,
  type WorkshopUpgradesResult,
} from '@hornblende/core/advice';
import type { Weather } from '@hornblende/core/climate';
import type { Family } from '@hornblende/core/materials';
import type { Progress } from '../job';

/** What may be bought for a printer, and the open parts with their weather. */
export interface UpgradesQuestion {
  input: WorkshopUpgradesInput;
  /** Who takes part: what is printed here. */
  families: Family[];
  weathers: (Weather | null)[];
}

/** Of so many sets, one is told of. */
const PROGRESS_EVERY_SETS = 8;

/** Weighs every affordable set of upgrades over the open parts. */
export function run(
  { input, families, weathers }: UpgradesQuestion,
  progress: Progress,
): WorkshopUpgradesResult {
  return weighUpgrades(input, {
    families,
    weathers,
    progress: (done, total) => {
      if (done % PROGRESS_EVERY_SETS === 0 || done === total) progress(done, total);
    },
  });
}
