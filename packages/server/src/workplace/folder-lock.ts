import Driver from 'better-sqlite3';
import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { StartProblem, startProblemOf } from '../lib/start-problem.js';

/** A data folder that is in use by this process alone. */
export interface FolderLock {
  /** Says where this server is, for whoever tries to start a second one. */
  servesAt: (url: string) => void;
  release: () => void;
}

/** The lock: an exclusive transaction of SQLite, which the system drops with the process, however it ends. */
const LOCK_FILE = 'hornblende.lock';
/** Where the server that holds the lock is. */
const WHERE_FILE = 'hornblende.server.json';

/**
 * Takes a data folder for one server.
 * @throws StartProblem when another one has it, saying where that is
 */
export function lockFolder(dataDir: string): FolderLock {
  const file = join(dataDir, LOCK_FILE);
  const where = join(dataDir, WHERE_FILE);
  const lock = take(file, where);
  return {
    servesAt: url => writeFileSync(where, JSON.stringify({ url, pid: process.pid })),
    release: () => {
      if (!lock.open) return;
      rmSync(where, { force: true });
      lock.close();
    },
  };
}

function take(file: string, where: string): Driver.Database {
  let lock: Driver.Database | null = null;
  try {
    lock = new Driver(file, { timeout: 0 });
    lock.pragma('journal_mode = MEMORY');
    lock.exec('BEGIN EXCLUSIVE');
    return lock;
  } catch (e) {
    lock?.close();
    if ((e as { code?: string }).code?.startsWith('SQLITE_BUSY')) throw inUse(file, where);
    throw startProblemOf(file, e) ?? e;
  }
}

function inUse(file: string, where: string): StartProblem {
  const first = whereIs(where);
  return new StartProblem(
    file,
    first
      ? `another Hornblende works in this folder already, at ${first}`
      : 'another Hornblende works in this folder already',
    first
      ? 'Open that address, or stop it first, or choose another folder with --data'
      : 'Stop it first, or choose another folder with --data',
  );
}

/** Where the server is that has a data folder, as it left it: null where none has said it. */
export function servedAt(dataDir: string): string | null {
  return whereIs(join(dataDir, WHERE_FILE));
}

function whereIs(file: string): string | null {
  if (!existsSync(file)) return null;
  try {
    return (JSON.parse(readFileSync(file, 'utf8')) as { url?: string }).url ?? null;
  } catch {
    return null;
  }
}
