import Driver from 'better-sqlite3';
import {
  constants,
  copyFileSync,
  existsSync,
  mkdirSync,
  readdirSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs';
import { basename, dirname, join } from 'node:path';

/** The folder of photographs beside the backups; each stands there once, however many backups name it. */
const FOLDER = 'photos';

/** Where the photographs of the backups of a folder stand. */
export function copiesFolder(backups: string): string {
  return join(backups, FOLDER);
}

/** The photographs that a database names, as paths inside a folder of photographs. @param pathOf gives them */
function namedIn(database: string, pathOf: PhotoPath): string[] {
  const db = new Driver(database, { readonly: true });
  try {
    const has = db.prepare("select 1 from sqlite_master where type = 'table' and name = 'photos'").get();
    if (!has) return [];
    const rows = db.prepare('select sha256, type from photos').all() as { sha256: string; type: string }[];
    return rows.map(pathOf);
  } finally {
    db.close();
  }
}

/** The path of a photograph inside its folder. */
export type PhotoPath = (photo: { sha256: string; type: string }) => string;

/** Copies those photographs that a database names and another folder lacks. @returns how many are gone */
export function copyPhotos(database: string, from: string, to: string, pathOf: PhotoPath): number {
  let gone = 0;
  for (const path of namedIn(database, pathOf)) {
    const target = join(to, path);
    const source = join(from, path);
    if (existsSync(target)) continue;
    if (!existsSync(source)) {
      gone++;
      continue;
    }
    mkdirSync(dirname(target), { recursive: true });
    const part = `${target}.${process.pid}.part`;
    copyFileSync(source, part, constants.COPYFILE_FICLONE);
    renameSync(part, target);
  }
  return gone;
}

/** Removes copies of photographs that none of these backups names any more. */
export function sweepCopies(backups: string, databases: readonly string[], pathOf: PhotoPath): void {
  const folder = copiesFolder(backups);
  if (!existsSync(folder)) return;
  const named = new Set(databases.flatMap(d => namedIn(d, pathOf)).map(path => basename(path)));
  for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    const path = join(folder, name);
    if (statSync(path).isFile() && !named.has(basename(name))) rmSync(path, { force: true });
  }
}
