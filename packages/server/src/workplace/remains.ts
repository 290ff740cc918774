import { existsSync, readdirSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';
import { photoFolder } from '../db/photo-path.js';
import { StartProblem } from '../lib/start-problem.js';

/** The database's name inside the data folder. */
export const DATABASE_FILE = 'hornblende.db';

/** What of a workshop lies in a folder in which there is no database. */
export interface Remains {
  /** Backups, the newest last. */
  backups: string[];
  /** Databases that were set aside, the newest last. */
  setAside: string[];
  photographs: number;
}

/** What of a workshop lies in a folder. @param backups the folder of its backups */
export function remainsIn(dataDir: string, backups: string): Remains {
  return {
    backups: databasesIn(backups, /^hornblende-.*\.db$/),
    setAside: databasesIn(dataDir, /^hornblende-.*\.db$/),
    photographs: filesIn(photoFolder(join(dataDir, DATABASE_FILE))),
  };
}

/**
 * Refuses to begin anew where a workshop was: an empty or missing database beside its backups is a loss, not a first
 * run. @throws StartProblem saying what lies there and how to take it back
 */
export function requireFirstRun(dataDir: string, backups: string): void {
  const { backups: made, setAside, photographs } = remainsIn(dataDir, backups);
  const logged = existsSync(join(dataDir, `${DATABASE_FILE}-wal`));
  if (!made.length && !setAside.length && !photographs && !logged) return;
  const lies = [
    ...(made.length ? [`${counted(made.length, 'backup')}, the newest ${basename(made.at(-1)!)}`] : []),
    ...(setAside.length
      ? [`${counted(setAside.length, 'database')} set aside, the newest ${basename(setAside.at(-1)!)}`]
      : []),
    ...(photographs ? [counted(photographs, 'photograph')] : []),
    ...(logged ? [`the log of a database, ${DATABASE_FILE}-wal`] : []),
  ];
  const newest = made.at(-1) ?? setAside.at(-1);
  throw new StartProblem(
    join(dataDir, DATABASE_FILE),
    `there is no workshop in it, but beside it there are ${lies.join('; ')}`,
    (newest ? `Take it back with: hornblende restore ${newest} --data ${dataDir}. ` : '') +
      'Or begin anew with --fresh, which leaves all of that where it is',
  );
}

function counted(n: number, one: string): string {
  return `${n} ${one}${n === 1 ? '' : 's'}`;
}

function databasesIn(folder: string, name: RegExp): string[] {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter(n => name.test(n) && statSync(join(folder, n)).size > 0)
    .sort()
    .map(n => join(folder, n));
}

function filesIn(folder: string): number {
  if (!existsSync(folder)) return 0;
  return readdirSync(folder, { recursive: true, withFileTypes: true }).filter(f => f.isFile()).length;
}
