import { Command } from 'commander';
import {
  chooserBrief,
  chooserCell,
  chooserNeeds,
  contenders,
  type ChooserCell,
} from '@hornblende/core/advice';
import { families, gradeFamily } from '@hornblende/core/materials';
import { rank } from '@hornblende/core/score';
import { withShelf } from '@hornblende/core/workshop';
import { surroundings, type GroundOptions } from '../ground.js';
import { withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { chooserText } from '../text.js';

/** What one need is answered with. */
export interface ChosenNeed extends ChooserCell {
  id: string;
  label: string;
  means: string;
}

/** `hornblende choose`: what to reach for, for each usual need on one machine. */
export function chooseCommand(): Command {
  return withGround(
    new Command('choose').description('say what to reach for, for each usual need on one machine'),
  )
    .option('--json', 'print JSON only')
    .action((o: GroundOptions & { json?: boolean }) => {
      const { printer, weather, grades, shelf } = surroundings(o);
      const own = grades.map(g => gradeFamily(g));
      const how = { printer, weather };
      const chosen = chooserNeeds.map((need): ChosenNeed => {
        const brief = chooserBrief(need);
        const takingPart = withShelf([...families, ...contenders(brief, own, how)], shelf);
        const { id, label, means } = need;
        return { id, label, means, ...chooserCell(rank(brief, { ...how, families: takingPart })) };
      });
      if (o.json) printJson(chosen);
      else print(chooserText(chosen));
    });
}
