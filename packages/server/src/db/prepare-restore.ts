import { copyFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { copiesFolder, copyPhotos } from '../backup/photo-copies.js';
import { syncPath } from '../lib/whole-file.js';
import { bringUp } from './bring-up.js';
import { openForWriting } from './database.js';
import { pathInFolder } from './photo-path.js';

/** What a restore takes from where, and when. */
export interface RestoreOrder {
  backup: string;
  /** Where the backup is laid out, beside the database whose place it will take. */
  copy: string;
  /** The folder of the photographs of the workshop. */
  photos: string;
  now: string;
}

/**
 * Lays a backup out beside a database, at this version's schema, and brings back the photographs that it names. The
 * database itself stays as it is until the copy is put in its place.
 */
export async function prepareRestore({ backup, copy, photos, now }: RestoreOrder): Promise<void> {
  copyFileSync(backup, copy);
  await readyForWork(copy, now);
  syncPath(copy);
  copyPhotos(copy, copiesFolder(dirname(backup)), photos, pathInFolder);
}

/**
 * Brings a copy up to date, and withdraws all phones: keys that were withdrawn since the backup was made must not come
 * back. All of it stands in the one file afterwards, which is renamed alone.
 */
async function readyForWork(copy: string, now: string): Promise<void> {
  const db = openForWriting(copy);
  try {
    await bringUp(db);
    await db('phones').whereNull('withdrawn_at').update({ withdrawn_at: now });
    await db.raw('pragma journal_mode = DELETE');
  } finally {
    await db.destroy();
  }
}
