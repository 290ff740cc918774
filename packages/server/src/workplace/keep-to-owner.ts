import { chmodSync, existsSync } from 'node:fs';
import { join } from 'node:path';
import { isMainThread } from 'node:worker_threads';
import { WORKED_OUT_FILE } from '../db/kept-service.js';
import { DATABASE_FILE } from './remains.js';

/** Rights that nothing of a workshop has: any of the group's and of others. */
const OTHERS = 0o077;
const FOLDER = 0o700;
const FILE = 0o600;

/**
 * Keeps what a workshop holds to whoever serves it: what is written from now on, its folder, and its database. Another
 * owner's files keep the rights that they have.
 */
export function keepToOwner(dataDir: string): void {
  if (isMainThread) process.umask(OTHERS);
  const database = join(dataDir, DATABASE_FILE);
  if (!existsSync(database)) return;
  allow(dataDir, FOLDER);
  for (const name of [DATABASE_FILE, WORKED_OUT_FILE])
    for (const beside of ['', '-wal', '-shm']) {
      const path = join(dataDir, name + beside);
      if (existsSync(path)) allow(path, FILE);
    }
}

function allow(path: string, mode: number): void {
  try {
    chmodSync(path, mode);
  } catch (e) {
    if ((e as NodeJS.ErrnoException).code !== 'EPERM') throw e;
  }
}
