import Driver from 'better-sqlite3';
import { copyFileSync } from 'node:fs';
import { dirname } from 'node:path';
import { syncPath } from '../lib/whole-file.js';
import { copiesFolder, copyPhotos, type PhotoPath } from './photo-copies.js';

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
 * Lays a backup out beside a database, and brings back the photographs that it names. The database itself stays as it
 * is until the copy is put in its place.
 */
export function prepareRestore({ backup, copy, photos, now }: RestoreOrder, photoPath: PhotoPath): void {
  copyFileSync(backup, copy);
  withdrawPhones(copy, now);
  syncPath(copy);
  copyPhotos(copy, copiesFolder(dirname(backup)), photos, photoPath);
}

/** Keys of phones that were withdrawn since the backup was made must not come back: all are withdrawn. */
function withdrawPhones(database: string, now: string): void {
  const db = new Driver(database);
  try {
    db.pragma('journal_mode = DELETE');
    if (db.prepare("select 1 from sqlite_master where name = 'phones'").get())
      db.prepare('update phones set withdrawn_at = ? where withdrawn_at is null').run(now);
  } finally {
    db.close();
  }
}
