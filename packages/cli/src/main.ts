import { Command, CommanderError, InvalidArgumentError, Option } from 'commander';
import {
  calculate,
  contenders,
  DRAWS,
  families,
  fieldsOf,
  gradeFamily,
  InputError,
  modelById,
  models,
  rank,
  recordHtml,
  recordMarkdown,
  relaxations,
  robustness,
  robustnessWords,
  schools,
  withRobustness,
  type School,
} from '@hornblende/core';
import { decideOn, type DecideOptions } from './decide.js';
import { ground, type GroundOptions } from './ground.js';
import { readJson } from './read-json.js';
import type { ServeOptions } from './serve.js';
import { answerText, familiesText, problemsText, rankingText } from './text.js';

/** Exit code for input that cannot be used. */
const BAD_INPUT = 2;

function print(text: string): void {
  process.stdout.write(`${text}\n`);
}
function printJson(value: unknown): void {
  print(JSON.stringify(value, null, 2));
}

function portNumber(text: string): number {
  const n = Number(text);
  if (!Number.isInteger(n) || n < 0 || n > 65535)
    throw new InvalidArgumentError('a port is a whole number from 0 to 65535.');
  return n;
}

/** Reads a whole number within limits. */
function wholeNumber(min: number, max: number): (text: string) => number {
  return text => {
    const n = Number(text);
    if (!Number.isInteger(n) || n < min || n > max)
      throw new InvalidArgumentError(`it is a whole number from ${min} to ${max}.`);
    return n;
  };
}

/** The command line. Commands that compute need no database. */
function program(): Command {
  const cli = new Command('hornblende')
    .description('Select the filament for a functional FDM part.')
    .version('0.1.0')
    .exitOverride()
    .showHelpAfterError(false);
  cli.configureOutput({ writeErr: text => process.stderr.write(text) });

  cli
    .command('rank')
    .description('rank filaments for a brief')
    .argument('<brief>', 'brief as JSON; - for standard input')
    .option('--printer <file>', 'printer as JSON')
    .option('--weather <file>', 'EPW or hourly CSV, for a brief whose climate is "own"')
    .option('--grades <file>', 'own grades as CSV or JSON, which take part beside the families')
    .addOption(new Option('--school <school>', 'how to choose').choices([...schools]))
    .option('--json', 'print JSON only')
    .addOption(
      new Option('--robust <draws>', 'try the ranking in so many draws').argParser(wholeNumber(1, 1e6)),
    )
    .addOption(
      new Option('--seed <seed>', 'seed of the draws')
        .default(1)
        .argParser(wholeNumber(-2147483648, 2147483647)),
    )
    .action(
      (
        file: string,
        o: GroundOptions & { school?: School; json?: boolean; robust?: number; seed: number },
      ) => {
        const { brief, printer, weather, grades } = ground(file, o);
        const how = { printer, weather, ...(o.school ? { school: o.school } : {}) };
        const candidates = [
          ...families,
          ...contenders(
            brief,
            grades.map(g => gradeFamily(g)),
            how,
          ),
        ];
        const ranking = rank(brief, { ...how, families: candidates });
        const nothing = ranking.firstChoice ? null : relaxations(brief, printer, candidates, weather);
        const sure = o.robust
          ? robustness(brief, { ...how, families: candidates, draws: o.robust, seed: o.seed })
          : null;
        if (o.json)
          printJson({ ...withRobustness(ranking, sure), ...(nothing ? { nothingFits: nothing } : {}) });
        else
          print(
            [
              rankingText(ranking, nothing),
              ...(sure
                ? [
                    '',
                    `How sure: ${robustnessWords(sure, ranking.firstChoice)} (${sure.draws} draws, seed ${sure.seed}).`,
                  ]
                : []),
            ].join('\n'),
          );
      },
    );

  cli
    .command('decide')
    .description('record a decision: the same record as the application writes')
    .argument('<brief>', 'brief as JSON; - for standard input')
    .requiredOption('--first <key>', 'the family or grade chosen')
    .option('--second <key>', 'the second choice')
    .requiredOption('--reason <text>', 'why')
    .requiredOption('--by <name>', 'who decides')
    .option('--acknowledge', 'the hazard notice has been read, where a failure could injure someone')
    .option('--printer <file>', 'printer as JSON')
    .option('--weather <file>', 'EPW or hourly CSV')
    .option('--grades <file>', 'own grades as CSV or JSON')
    .option('--at <time>', 'when, as ISO 8601; default now')
    .addOption(
      new Option('--draws <draws>', 'draws behind the chances').default(DRAWS).argParser(wholeNumber(1, 1e6)),
    )
    .addOption(
      new Option('--seed <seed>', 'seed of the draws')
        .default(1)
        .argParser(wholeNumber(-2147483648, 2147483647)),
    )
    .addOption(
      new Option('--as <type>', 'how to print it').choices(['markdown', 'html', 'json']).default('markdown'),
    )
    .option('--json', 'the same as --as json')
    .action((file: string, o: GroundOptions & DecideOptions) => {
      const record = decideOn(ground(file, o), o);
      if (o.json || o.as === 'json') printJson(record);
      else process.stdout.write(o.as === 'html' ? recordHtml(record) : recordMarkdown(record));
    });

  cli
    .command('calc')
    .description('run one model and show its working')
    .argument('<model>')
    .argument('<input>', 'input as JSON; - for standard input')
    .option('--json', 'print JSON only')
    .action((id: string, file: string, o: { json?: boolean }) => {
      if (!modelById(id))
        throw new InputError([
          { field: 'model', value: id, message: `must be one of ${models.map(m => m.id).join(', ')}` },
        ]);
      const answer = calculate(id, readJson(file));
      if (o.json) printJson(answer);
      else print(answerText(answer));
    });

  cli
    .command('models')
    .description('list the models')
    .option('--json', 'print JSON only')
    .action((o: { json?: boolean }) => {
      if (o.json)
        printJson(
          models.map(m => ({ id: m.id, title: m.title, source: m.source, inputs: fieldsOf(m.Input) })),
        );
      else for (const m of models) print(`${m.id.padEnd(22)}${m.title}`);
    });

  cli
    .command('families')
    .description('list the filament families')
    .option('--json', 'print JSON only, with every property, range and source')
    .action((o: { json?: boolean }) => {
      if (o.json) printJson(families);
      else print(familiesText(families));
    });

  cli
    .command('start')
    .description('serve the web application on this machine')
    .option('--demo', 'fill an empty workshop with the demo')
    .option('--fresh', 'put the old workshop aside and begin anew')
    .addOption(
      new Option('--port <port>', 'port; 0 picks a free one').env('PORT').default(4680).argParser(portNumber),
    )
    .addOption(new Option('--data <folder>', 'data folder').env('HORNBLENDE_DATA'))
    // The server, with its database driver, is only loaded when it is wanted.
    .action(async (o: ServeOptions) => (await import('./serve.js')).serve(o));
  return cli;
}

/**
 * Runs the command line.
 * @returns the exit code: 0, or 2 for bad input (one line a problem on standard error), or 1
 */
export async function main(args: string[]): Promise<number> {
  try {
    await program().parseAsync(args, { from: 'user' });
    return 0;
  } catch (e) {
    if (e instanceof InputError) {
      process.stderr.write(`${problemsText(e.problems)}\n`);
      return BAD_INPUT;
    }
    if (e instanceof CommanderError) return e.exitCode === 0 ? 0 : BAD_INPUT;
    process.stderr.write(`${(e as Error).message}\n`);
    return 1;
  }
}
