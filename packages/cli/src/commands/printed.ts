import { Command, Option } from 'commander';
import { dataFolder } from '../data-folder.js';
import { number } from '../options.js';
import { printJson } from '../output.js';
import type { PrintSaid } from '../write-print.js';

/** `hornblende printed`: a print written down in the workshop's log, as the print card does it. */
export function printedCommand(): Command {
  return new Command('printed')
    .description('write a print of a part down: it comes off its spool and counts in its printer’s record')
    .argument('<part>', 'the part by its name or id')
    .option('--material <key>', 'the family or grade; else what its spool holds, else what was decided')
    .option('--printer <name>', 'the printer by its name or id; else the one that the part is for')
    .option('--spool <code>', 'the spool by its code or id; else none is noted')
    .option('--grams <g>', 'filament that went in; else what the card says', number('it'))
    .option('--minutes <min>', 'how long it took', number('it'))
    .option('--failed [why]', 'it failed, and what went wrong; else it went well')
    .option('--at <time>', 'when, as ISO 8601; else now')
    .addOption(new Option('--data <folder>', 'data folder').env('HORNBLENDE_DATA'))
    .option('--json', 'only JSON on standard output')
    .action(async (part: string, o: PrintSaid & { data?: string; json?: boolean }) => {
      const [{ reachWorkshop }, { writePrint }] = await Promise.all([
        import('@hornblende/server'),
        import('../write-print.js'),
      ]);
      const { leave, ...api } = await reachWorkshop(dataFolder(o.data));
      try {
        const { stored, line } = await writePrint(api, part, o);
        if (o.json) printJson(stored);
        else process.stdout.write(`${line}\n`);
      } finally {
        await leave();
      }
    });
}
