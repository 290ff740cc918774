import { Command } from 'commander';
import { fieldsOf, InputError } from '@hornblende/core/input';
import { families } from '@hornblende/core/materials';
import { calculate, modelById, models } from '@hornblende/core/registry';
import { print, printJson } from '../output.js';
import { readJson } from '../read-json.js';
import { answerText, familiesText } from '../text.js';

interface JsonOption {
  json?: boolean;
}

/** `hornblende calc`: runs one model and shows its working. */
export function calcCommand(): Command {
  return new Command('calc')
    .description('run one model and show its working')
    .argument('<model>')
    .argument('<input>', 'input as JSON; - for standard input')
    .option('--json', 'print JSON only')
    .action((id: string, file: string, o: JsonOption) => {
      if (!modelById(id))
        throw new InputError([
          { field: 'model', value: id, message: `must be one of ${models.map(m => m.id).join(', ')}` },
        ]);
      const answer = calculate(id, readJson(file));
      if (o.json) printJson(answer);
      else print(answerText(answer));
    });
}

/** `hornblende models`: lists the models. */
export function modelsCommand(): Command {
  return new Command('models')
    .description('list the models')
    .option('--json', 'print JSON only')
    .action((o: JsonOption) => {
      if (o.json)
        printJson(
          models.map(m => ({ id: m.id, title: m.title, source: m.source, inputs: fieldsOf(m.Input) })),
        );
      else for (const m of models) print(`${m.id.padEnd(22)}${m.title}`);
    });
}

/** `hornblende families`: lists the filament families. */
export function familiesCommand(): Command {
  return new Command('families')
    .description('list the filament families')
    .option('--json', 'print JSON only, with every property, range and source')
    .action((o: JsonOption) => {
      if (o.json) printJson(families);
      else print(familiesText(families));
    });
}
