import { formatNames, InputError, schemaOfFormat, type FormatName } from '@hornblende/core';
import { Command } from 'commander';
import { print, printJson } from '../output.js';

/** `hornblende schema`: what a format takes, for programs of others. */
export function schemaCommand(): Command {
  return new Command('schema')
    .description('print the JSON Schema of a format that is read, or list the formats')
    .argument('[format]', `one of ${formatNames.join(', ')}`)
    .action((name?: string) => {
      if (name === undefined) {
        for (const each of formatNames) print(each);
        return;
      }
      if (!isFormat(name))
        throw new InputError([
          { field: 'format', value: name, message: `must be one of ${formatNames.join(', ')}` },
        ]);
      printJson(schemaOfFormat(name));
    });
}

function isFormat(name: string): name is FormatName {
  return (formatNames as readonly string[]).includes(name);
}
