import { briefSaying, say, type Said } from '@hornblende/core/brief';
import { parsePrinter } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { Command } from 'commander';
import { print, printJson } from '../output.js';
import { readJson } from '../read-json.js';

/** `hornblende say`: a sentence that says what a part is for, read into a brief. */
export function sayCommand(): Command {
  return new Command('say')
    .description('read a sentence that says what a part is for into a brief')
    .argument('<sentence>', 'such as "hook outside in the sun, 3 kg on a 60 mm arm, ten years, white"')
    .option('--printer <file...>', 'profiles of the printers that it may name')
    .option('--json', 'print JSON only')
    .action((sentence: string, o: { printer?: string[]; json?: boolean }) => {
      if (!sentence.trim())
        throw new InputError([{ field: 'sentence', value: sentence, message: 'must not be empty' }]);
      const printers = (o.printer ?? []).map(file => ({ id: file, name: parsePrinter(readJson(file)).name }));
      const said = say(sentence, { printers });
      if (o.json) printJson(said);
      else print(sayText(said));
    });
}

function sayText({ brief, understood, unclear }: Said): string {
  return [
    brief.name,
    ...understood.map(u => `  ${u.text}: ${briefSaying(u)}`),
    ...unclear.map(text => `? ${text}: not understood`),
  ].join('\n');
}
