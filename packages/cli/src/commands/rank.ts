import { Command, Option } from 'commander';
import { contenders, relaxations } from '@hornblende/core/advice';
import { schools, type School } from '@hornblende/core/brief';
import type { Brief } from '@hornblende/core/formats';
import { families, gradeFamily } from '@hornblende/core/materials';
import { rank, robustness, robustnessWords, withRobustness } from '@hornblende/core/score';
import { withShelf } from '@hornblende/core/workshop';
import { ground, type GroundOptions } from '../ground.js';
import { MOST_DRAWS, seedOption, wholeNumber, withGround } from '../options.js';
import { print, printJson } from '../output.js';
import { loadsOnShape } from '../own-shape.js';
import { readShape, shapedBrief } from '../shaped.js';
import { rankingText } from '../text.js';

/** Outdoors by what is logged rather than by the laboratory, weighed as the brief has it. */
const FIELD = 'field';
/** The command line has no workshop: what others have logged is in the library's own figures. */
const NOTHING_LOGGED =
  'Outdoors by what is logged: no part of yours is logged here, so the library’s factors of outdoor life decide.';

interface RankCommandOptions extends GroundOptions {
  school?: School | typeof FIELD;
  mesh?: string;
  json?: boolean;
  robust?: number;
  seed: number;
}

/** `hornblende rank`: ranks filaments for a brief. */
export function rankCommand(): Command {
  const command = new Command('rank')
    .description('rank filaments for a brief')
    .argument('<brief>', 'brief as JSON; - for standard input');
  return withGround(command)
    .addOption(new Option('--school <school>', 'how to choose').choices([...schools, FIELD]))
    .option('--mesh <file>', 'the part as STL, OBJ or 3MF: loads that name their places are worked out on it')
    .option('--json', 'print JSON only')
    .addOption(
      new Option('--robust <draws>', 'try the ranking in so many draws').argParser(
        wholeNumber(1, MOST_DRAWS),
      ),
    )
    .addOption(seedOption())
    .action(rankFile);
}

async function rankFile(file: string, o: RankCommandOptions): Promise<void> {
  const { brief: said, printer, weather, grades, shelf } = ground(file, o);
  const asked = o.mesh ? shapedBrief(said, await readShape(o.mesh, false), null) : said;
  if (o.mesh) await loadsOnShape(asked, o.mesh);
  const byField = o.school === FIELD;
  const brief: Brief = byField ? { ...asked, outdoorSchool: FIELD } : asked;
  const how = { printer, weather, ...(o.school && o.school !== FIELD ? { school: o.school } : {}) };
  const own = grades.map(g => gradeFamily(g));
  const candidates = withShelf([...families, ...contenders(brief, own, how)], shelf);
  const ranking = rank(brief, { ...how, families: candidates });
  const nothingFits = ranking.firstChoice ? null : relaxations(brief, printer, candidates, weather);
  const sure = o.robust
    ? robustness(brief, { ...how, families: candidates, draws: o.robust, seed: o.seed })
    : null;
  if (o.json) {
    printJson({ ...withRobustness(ranking, sure), ...(nothingFits ? { nothingFits } : {}) });
    return;
  }
  print(rankingText(ranking, nothingFits));
  if (byField) print(`\n${NOTHING_LOGGED}`);
  if (sure)
    print(
      `\nHow sure: ${robustnessWords(sure, ranking.firstChoice)} (${sure.draws} draws, seed ${sure.seed}).`,
    );
}
