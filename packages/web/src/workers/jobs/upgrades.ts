import {
  UpgradeStandings,
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

/** How the parts of the last question stand, and what they were asked about: prices change it in nothing. */
let last: { about: string; standings: UpgradeStandings } | null = null;

function standingsFor({ input, families, weathers }: UpgradesQuestion): UpgradeStandings {
  const parts = input.parts.map(({ brief }, i) => ({ brief, weather: weathers[i] ?? null }));
  const about = JSON.stringify([input.printer, parts, families]);
  if (last?.about !== about)
    last = { about, standings: new UpgradeStandings(input.printer, parts, families) };
  return last.standings;
}

/** Weighs every affordable set of upgrades over the open parts. */
export function run(question: UpgradesQuestion, progress: Progress): WorkshopUpgradesResult {
  return weighUpgrades(question.input, {
    standings: standingsFor(question),
    progress: (done, total) => {
      if (done % PROGRESS_EVERY_SETS === 0 || done === total) progress(done, total);
    },
  });
}
