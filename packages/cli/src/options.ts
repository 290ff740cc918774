import { InvalidArgumentError, Option, type Command } from 'commander';

/** Reads a whole number within limits. @throws InvalidArgumentError saying which */
export function wholeNumber(min: number, max: number, what = 'it'): (text: string) => number {
  return text => {
    const n = Number(text);
    if (!Number.isInteger(n) || n < min || n > max)
      throw new InvalidArgumentError(`${what} is a whole number from ${min} to ${max}.`);
    return n;
  };
}

/** Reads a number above zero. @throws InvalidArgumentError saying what it is */
export function number(what: string): (text: string) => number {
  return text => {
    const n = Number(text);
    if (!Number.isFinite(n) || n <= 0) throw new InvalidArgumentError(`${what} is a number above zero.`);
    return n;
  };
}

/** The most draws that one command makes. */
export const MOST_DRAWS = 1e6;

/** The seed of draws. */
export function seedOption(): Option {
  return new Option('--seed <seed>', 'seed of the draws')
    .default(1)
    .argParser(wholeNumber(-2147483648, 2147483647));
}

/** The files that a ranking rests on beside the brief. */
export function withGround(command: Command): Command {
  return command
    .option('--printer <file>', 'printer as JSON')
    .option('--weather <file>', 'EPW or hourly CSV, for a brief whose climate is "own"')
    .option('--grades <file>', 'own grades as CSV or JSON, which take part beside the families')
    .option('--spools <file>', 'spools on the shelf, a JSON list: their own facts and their ledgers count')
    .addOption(
      new Option('--humidity <pct>', 'relative humidity of the room they stand in')
        .default(50)
        .argParser(wholeNumber(0, 100)),
    );
}
