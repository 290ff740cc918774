import { existsSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { syncPath, writeWhole } from '../lib/whole-file.js';

/** What stands in a data folder while a restore is under way. */
const MARKER = 'hornblende.restoring.json';
/** A database's file, and what SQLite may have beside it. */
const SUFFIXES = ['', '-wal', '-shm'] as const;

/** Removes a copy that is not needed, with all that SQLite may have beside it: the next copy must not find it. */
function removeCopy(copy: string): void {
  for (const suffix of [...SUFFIXES, '-journal']) rmSync(copy + suffix, { force: true });
}

/** The restore that is under way: where what was there goes. */
interface Marker {
  aside: string;
}

/** Renames a database, with its log, so that nothing is lost by what is put in its place. @returns its new name */
export function setAside(file: string, aside = asideName(file)): string {
  for (const suffix of SUFFIXES) if (existsSync(file + suffix)) renameSync(file + suffix, aside + suffix);
  syncPath(dirname(file));
  return aside;
}

function asideName(file: string): string {
  const stamp = new Date().toISOString().replace(/[:.]/g, '-');
  return `${file.replace(/\.db$/, '')}-${stamp}.db`;
}

/** How a restore is done: its long part, and its short one. */
export interface RestoreSteps {
  /** Lays the backup out where it is told to, while the workshop still stands. */
  prepare: (copy: string) => Promise<unknown> | void;
  /** Runs what puts the copy in place, while nothing has the database open. */
  swapped: (putInPlace: () => void) => Promise<unknown> | void;
}

/**
 * Puts a copy of a backup, and the photographs that it names, in a database's place; what was there is set aside.
 * Nobody may write meanwhile. A marker stands until all is done, so that a start after a power cut in the middle finds
 * either the old workshop or the restored one, and says so.
 */
export async function restoreInto(file: string, { prepare, swapped }: RestoreSteps): Promise<void> {
  const folder = dirname(file);
  const marker = join(folder, MARKER);
  const copy = `${file}.restoring`;
  const aside = asideName(file);
  writeWhole(marker, Buffer.from(JSON.stringify({ aside } satisfies Marker)));
  syncPath(folder);
  try {
    removeCopy(copy);
    await prepare(copy);
    await swapped(() => {
      setAside(file, aside);
      renameSync(copy, file);
      syncPath(folder);
    });
  } finally {
    // Without its file the workshop is in the middle of the swap: the next start ends that.
    if (existsSync(file)) rmSync(marker, { force: true });
    removeCopy(copy);
  }
}

/**
 * Ends a restore that was broken off: where the backup is in place it stays, else what was there comes back.
 * @returns what was done, in words; null where none was under way
 */
export function endRestore(file: string): string | null {
  const folder = dirname(file);
  const marker = join(folder, MARKER);
  if (!existsSync(marker)) return null;
  const { aside } = readMarker(marker);
  removeCopy(`${file}.restoring`);
  const isThere = existsSync(file);
  if (!isThere && aside) {
    for (const suffix of SUFFIXES)
      if (existsSync(aside + suffix) && !existsSync(file + suffix)) renameSync(aside + suffix, file + suffix);
    syncPath(folder);
  }
  rmSync(marker, { force: true });
  return isThere
    ? 'A restore was broken off; the workshop is as it was left.'
    : 'A restore was broken off before it was done; the workshop from before it is back.';
}

function readMarker(marker: string): Partial<Marker> {
  try {
    return JSON.parse(readFileSync(marker, 'utf8')) as Marker;
  } catch {
    return {};
  }
}
