import { Command, CommanderError } from 'commander';
import { endOnClosedPipe } from './output.js';
import { version } from './version.js';

/** Exit code for input that cannot be used. */
const BAD_INPUT = 2;

/** Each command by its name: only the one that is asked for is loaded, for most of them load the library. */
const commands: Readonly<Record<string, () => Promise<Command>>> = {
  rank: async () => (await import('./commands/rank.js')).rankCommand(),
  choose: async () => (await import('./commands/choose.js')).chooseCommand(),
  decide: async () => (await import('./commands/decide.js')).decideCommand(),
  calc: async () => (await import('./commands/library.js')).calcCommand(),
  models: async () => (await import('./commands/library.js')).modelsCommand(),
  families: async () => (await import('./commands/library.js')).familiesCommand(),
  card: async () => (await import('./commands/card.js')).cardCommand(),
  printed: async () => (await import('./commands/printed.js')).printedCommand(),
  say: async () => (await import('./commands/say.js')).sayCommand(),
  mesh: async () => (await import('./commands/mesh.js')).meshCommand(),
  stress: async () => (await import('./commands/field.js')).stressCommand(),
  warp: async () => (await import('./commands/field.js')).warpCommand(),
  lay: async () => (await import('./commands/lay.js')).layCommand(),
  coupon: async () => (await import('./commands/coupon.js')).couponCommand(),
  gcode: async () => (await import('./commands/gcode.js')).gcodeCommand(),
  triage: async () => (await import('./commands/triage.js')).triageCommand(),
  schema: async () => (await import('./commands/schema.js')).schemaCommand(),
  start: async () => (await import('./commands/start.js')).startCommand(),
  backup: async () => (await import('./commands/keeping.js')).backupCommand(),
  restore: async () => (await import('./commands/keeping.js')).restoreCommand(),
  verify: async () => (await import('./commands/keeping.js')).verifyCommand(),
  unlock: async () => (await import('./commands/keeping.js')).unlockCommand(),
  export: async () => (await import('./commands/keeping.js')).exportCommand(),
  import: async () => (await import('./commands/keeping.js')).importCommand(),
};

/** The command line, with the commands that its arguments can mean. */
async function program(args: readonly string[]): Promise<Command> {
  const cli = new Command('hornblende')
    .description('Select the filament for a functional FDM part.')
    .version(version);
  const asked = commands[args[0] ?? ''];
  const isVersion = args.length === 1 && ['--version', '-V'].includes(args[0]!);
  const wanted = asked ? [asked] : isVersion ? [] : Object.values(commands);
  const made = await Promise.all(wanted.map(make => make()));
  for (const command of [cli, ...made])
    command
      .exitOverride()
      .showHelpAfterError(false)
      .configureOutput({ writeErr: text => process.stderr.write(text) });
  for (const command of made) cli.addCommand(command);
  return cli;
}

/**
 * Runs the command line.
 * @returns the exit code: 0, or 2 for bad input (one line a problem on standard error), or 1 where something is not
 * as it should be: a command that found that says so in {@link process.exitCode}
 */
export async function main(args: string[]): Promise<number> {
  endOnClosedPipe();
  process.exitCode = 0;
  try {
    await (await program(args)).parseAsync(args, { from: 'user' });
    return Number(process.exitCode);
  } catch (e) {
    if (e instanceof CommanderError) return e.exitCode === 0 ? 0 : BAD_INPUT;
    // Loaded by whichever command threw.
    const { InputError } = await import('@hornblende/core/input');
    if (e instanceof InputError) {
      const { problemsText } = await import('./text.js');
      process.stderr.write(`${problemsText(e.problems)}\n`);
      return BAD_INPUT;
    }
    process.stderr.write(`${(e as Error).message}\n`);
    return 1;
  }
}
