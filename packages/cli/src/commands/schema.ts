import { formatNames, schemaOfFormat, type FormatName } from '@hornblende/core/formats';
import { InputError } from '@hornblende/core/input';
import { Command } from 'commander';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from '../data-folder.js';
import { print, printJson } from '../output.js';

/** The formats that are only written: their schemas are made from their types, and stand in `docs/schema`. */
const writtenFormats = ['ranking', 'decision', 'card', 'archive'] as const;
const names = [...formatNames, ...writtenFormats];

/** `hornblende schema`: what a format holds, for programs of others. */
export function schemaCommand(): Command {
  return new Command('schema')
    .description('print the JSON Schema of a format, or list the formats')
    .argument('[format]', `one of ${names.join(', ')}`)
    .action((name?: string) => {
      if (name === undefined) {
        for (const each of names) print(each);
        return;
      }
      if (isRead(name)) printJson(schemaOfFormat(name));
      else if ((writtenFormats as readonly string[]).includes(name)) printJson(writtenSchema(name));
      else
        throw new InputError([
          { field: 'format', value: name, message: `must be one of ${names.join(', ')}` },
        ]);
    });
}

function isRead(name: string): name is FormatName {
  return (formatNames as readonly string[]).includes(name);
}

function writtenSchema(name: string): unknown {
  return JSON.parse(readFileSync(join(root, 'docs/schema', `${name}.json`), 'utf8'));
}
