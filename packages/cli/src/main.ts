import { Command, CommanderError } from 'commander';
import { InputError } from '@hornblende/core';
import { decideCommand } from './commands/decide.js';
import { cardCommand } from './commands/card.js';
import { couponCommand } from './commands/coupon.js';
import { gcodeCommand } from './commands/gcode.js';
import { layCommand } from './commands/lay.js';
import { meshCommand } from './commands/mesh.js';
import {
  backupCommand,
  exportCommand,
  importCommand,
  restoreCommand,
  verifyCommand,
} from './commands/keeping.js';
import { calcCommand, familiesCommand, modelsCommand } from './commands/library.js';
import { rankCommand } from './commands/rank.js';
import { startCommand } from './commands/start.js';
import { triageCommand } from './commands/triage.js';
import { endOnClosedPipe } from './output.js';
import { problemsText } from './text.js';
import { version } from './version.js';

/** Exit code for input that cannot be used. */
const BAD_INPUT = 2;

/** The command line. Commands that compute need no database. */
function program(): Command {
  const cli = new Command('hornblende')
    .description('Select the filament for a functional FDM part.')
    .version(version);
  const commands = [
    rankCommand(),
    decideCommand(),
    calcCommand(),
    modelsCommand(),
    familiesCommand(),
    cardCommand(),
    meshCommand(),
    layCommand(),
    couponCommand(),
    gcodeCommand(),
    triageCommand(),
    startCommand(),
    backupCommand(),
    restoreCommand(),
    verifyCommand(),
    exportCommand(),
    importCommand(),
  ];
  for (const command of [cli, ...commands])
    command
      .exitOverride()
      .showHelpAfterError(false)
      .configureOutput({ writeErr: text => process.stderr.write(text) });
  for (const command of commands) cli.addCommand(command);
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
    await program().parseAsync(args, { from: 'user' });
    return Number(process.exitCode);
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
