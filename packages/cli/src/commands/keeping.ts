import { Command, Option } from 'commander';
import type { ArchivePreview } from '@hornblende/core/api';
import { createInterface } from 'node:readline/promises';
import { dataFolder } from '../data-folder.js';
import { version } from '../version.js';

// Keeping a workshop safe: the server's own pieces, loaded only when they are wanted.

interface InFolder {
  data?: string;
  json?: boolean;
}

/** A command that works on a data folder. */
function onFolder(name: string, description: string): Command {
  return new Command(name)
    .description(description)
    .addOption(new Option('--data <folder>', 'data folder').env('HORNBLENDE_DATA'))
    .option('--json', 'only JSON on standard output');
}

function say(o: InFolder, value: object, line: string): void {
  process.stdout.write(o.json ? `${JSON.stringify(value, null, 1)}\n` : `${line}\n`);
}

/** `hornblende backup`: a copy of the database, read through after writing. */
export function backupCommand(): Command {
  return onFolder('backup', 'back the workshop up').action(async (o: InFolder) => {
    const { backUp } = await import('@hornblende/server');
    const made = await backUp(dataFolder(o.data));
    const { name, checked, problems, photosGone } = made;
    const gone = photosGone ? ` ${photosGone} photographs are gone and could not be copied.` : '';
    say(o, made, `${name}: ${checked} records, ${problems.length ? problems.join('; ') : 'sound'}.${gone}`);
    if (problems.length) process.exitCode = 1;
  });
}

/** `hornblende restore FILE`: a backup in place of what is there, which is set aside. */
export function restoreCommand(): Command {
  return onFolder('restore', 'put a backup in place of the workshop')
    .argument('<file>', 'the backup')
    .action(async (file: string, o: InFolder) => {
      const { restore } = await import('@hornblende/server');
      const found = await restore(file, dataFolder(o.data));
      say(o, found, `Restored: ${found.checked} records. What was there is set aside beside it.`);
    });
}

/** `hornblende verify [FILE]`: reads a workshop, a backup or an archive through. */
export function verifyCommand(): Command {
  return onFolder('verify', 'read every record of a workshop, a backup or an archive through')
    .argument('[file]', 'a backup or an archive; else the data folder')
    .action(async (file: string | undefined, o: InFolder) => {
      const { verify } = await import('@hornblende/server');
      const found = await verify(file ?? null, dataFolder(o.data), progressLine('Reading'));
      say(
        o,
        found,
        [...found.problems, `${found.checked} records, ${found.ok ? 'all sound' : 'not sound'}.`].join('\n'),
      );
      if (!found.ok) process.exitCode = 1;
    });
}

/** `hornblende unlock`: for whoever forgot the pass phrase of the desk, and may write in the folder. */
export function unlockCommand(): Command {
  return onFolder('unlock', 'take the pass phrase of the desk away').action(async (o: InFolder) => {
    const { forgetPhrase } = await import('@hornblende/server');
    const removed = forgetPhrase(dataFolder(o.data));
    say(o, { removed }, removed ? 'The desk has no pass phrase any more.' : 'The desk had no pass phrase.');
  });
}

/** `hornblende export FILE.zip`: the whole workshop in one file. */
export function exportCommand(): Command {
  return onFolder('export', 'write the whole workshop into one zip')
    .argument('<file>', 'the archive to write')
    .action(async (file: string, o: InFolder) => {
      const { exportTo } = await import('@hornblende/server');
      const { records, files, left } = exportTo(file, dataFolder(o.data), version, progressLine('Writing'));
      for (const { what, why } of left) process.stderr.write(`Left out: ${what}: ${why}\n`);
      say(o, { file, records, files, left }, `${file}: ${records} records.`);
    });
}

/** `hornblende import FILE.zip`: an archive into the workshop, after saying what it would do. */
export function importCommand(): Command {
  return onFolder('import', 'take an archive over into the workshop')
    .argument('<file>', 'the archive')
    .option('--yes', 'do not ask')
    .action(async (file: string, o: InFolder & { yes?: boolean }) => {
      const { importFrom } = await import('@hornblende/server');
      const asked = async (preview: ArchivePreview): Promise<boolean> => {
        process.stderr.write(previewText(preview));
        return o.yes ?? (await agreed());
      };
      const done = await importFrom(file, dataFolder(o.data), asked, progressLine('Importing'));
      if (!done) say(o, { imported: false }, 'Nothing was imported.');
      else
        say(
          o,
          done,
          `Imported: ${done.added} added, ${done.changed} changed, ${done.kept} kept as they are here.`,
        );
    });
}

/** Says on standard error how far something is, once a second, where a person looks on. */
function progressLine(what: string): (done: number, total: number) => void {
  let last = Date.now();
  return (done, total) => {
    if (!process.stderr.isTTY || Date.now() - last < 1000) return;
    last = Date.now();
    process.stderr.write(`${what}: ${done} of ${total}\n`);
  };
}

function previewText({ kinds }: ArchivePreview): string {
  const lines = kinds
    .filter(k => k.adds + k.changes + k.conflicts > 0)
    .map(
      k => `${k.kind}: ${k.adds} to add, ${k.changes} to change, ${k.conflicts} changed here since (kept)`,
    );
  return `${lines.length ? lines.join('\n') : 'It holds nothing that is not here already.'}\n`;
}

async function agreed(): Promise<boolean> {
  if (!process.stdin.isTTY) return false;
  const asked = createInterface({ input: process.stdin, output: process.stderr });
  try {
    return /^y(es)?$/i.test((await asked.question('Import it? (y/n) ')).trim());
  } finally {
    asked.close();
  }
}
