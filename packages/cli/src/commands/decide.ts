import { Command, Option } from 'commander';
import { choiceDoubts, recordHtml, recordMarkdown } from '@hornblende/core/records';
import { DRAWS } from '@hornblende/core/score';
import { decideOn, type DecideOptions } from '../decide-on.js';
import { ground, type GroundOptions } from '../ground.js';
import { MOST_DRAWS, seedOption, wholeNumber, withGround } from '../options.js';
import { printJson } from '../output.js';

/** `hornblende decide`: records a decision, as the application does. */
export function decideCommand(): Command {
  const command = new Command('decide')
    .description('record a decision: the same record as the application writes')
    .argument('<brief>', 'brief as JSON; - for standard input')
    .requiredOption('--first <key>', 'the family or grade chosen')
    .option('--second <key>', 'the second choice')
    .requiredOption('--reason <text>', 'why')
    .requiredOption('--by <name>', 'who decides')
    .option('--acknowledge', 'the hazard notice has been read, where a failure could injure someone');
  return withGround(command)
    .option('--at <time>', 'when, as ISO 8601; default now')
    .addOption(
      new Option('--draws <draws>', 'draws behind the chances')
        .default(DRAWS)
        .argParser(wholeNumber(1, MOST_DRAWS)),
    )
    .addOption(seedOption())
    .addOption(
      new Option('--as <type>', 'how to print it').choices(['markdown', 'html', 'json']).default('markdown'),
    )
    .option('--json', 'the same as --as json')
    .action((file: string, o: GroundOptions & DecideOptions) => {
      const record = decideOn(ground(file, o), o);
      for (const doubt of choiceDoubts(record, record.ranking)) process.stderr.write(`${doubt}\n`);
      if (o.json || o.as === 'json') printJson(record);
      else process.stdout.write(o.as === 'html' ? recordHtml(record) : recordMarkdown(record));
    });
}
