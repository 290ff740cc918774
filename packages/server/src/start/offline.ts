import type { ArchiveImported, ArchivePreview, BackupSummary, Verification } from '@hornblende/core/api';
import { closeSync, existsSync, mkdirSync, openSync, readSync } from 'node:fs';
import { basename, join } from 'node:path';
import { exportArchive, type Exported } from '../archive/export.js';
import { importStaged } from '../archive/import.js';
import { previewImport } from '../archive/preview.js';
import { discard, stage } from '../archive/staging.js';
import { undoFile } from '../archive/undo-file.js';
import { backupFolder } from '../backup/backups.js';
import { openDatabase, openForReading } from '../db/database.js';
import { photoFolder } from '../db/photo-path.js';
import { prepareRestore } from '../db/prepare-restore.js';
import { verifyDatabase, type Progress } from '../db/verify.js';
import { Jobs } from '../jobs/jobs.js';
import { StartProblem } from '../lib/start-problem.js';
import { lockFolder } from '../workplace/folder-lock.js';
import { Journal } from '../workplace/journal.js';
import { lookAt } from '../workplace/look-at.js';
import { DATABASE_FILE } from '../workplace/remains.js';
import { endRestore, restoreInto } from '../workplace/restore.js';
import { backupsOf } from '../workplace/workplace.js';

// What the command line does to a data folder without serving it. Reading goes on beside a server; what writes
// takes the folder for itself.

const silent: Progress = () => undefined;

/** The database of a folder. @throws StartProblem where there is none */
export function databaseIn(dataDir: string): string {
  const file = join(dataDir, DATABASE_FILE);
  if (!existsSync(file))
    throw new StartProblem(file, 'there is no workshop here', 'Say which folder with --data');
  const { isNew } = lookAt(file);
  if (isNew) throw new StartProblem(file, 'it is empty', 'Restore a backup, or say which folder with --data');
  return file;
}

/** Makes a backup of a folder's database and photographs beside it. @throws StartProblem */
export async function backUp(dataDir: string): Promise<BackupSummary> {
  const file = databaseIn(dataDir);
  const jobs = new Jobs(file);
  try {
    return await backupsOf(backupFolder(dataDir), jobs).make('demand');
  } finally {
    await jobs.close();
  }
}

/**
 * Puts a backup in place of a folder's database, which is set aside.
 * @throws StartProblem while a server has the folder, or for a file that is no sound backup
 */
export async function restore(backup: string, dataDir: string): Promise<Verification> {
  if (!existsSync(backup)) throw new StartProblem(backup, 'there is no such file', 'Say which backup');
  const { damage, isNew } = lookAt(backup);
  if (isNew) throw new StartProblem(backup, 'there is nothing in it', 'Choose another backup');
  const found = damage.length ? { ok: false, checked: 0, problems: damage } : await verified(backup, null);
  if (!found.ok)
    throw new StartProblem(backup, `it is damaged (${found.problems[0]})`, 'Choose another backup');
  mkdirSync(dataDir, { recursive: true });
  const lock = lockFolder(dataDir);
  try {
    const file = join(dataDir, DATABASE_FILE);
    endRestore(file);
    const now = new Date().toISOString();
    await restoreInto(file, {
      prepare: copy => prepareRestore({ backup, copy, photos: photoFolder(file), now }),
      swapped: putInPlace => putInPlace(),
    });
    new Journal(dataDir).write('restored', basename(backup));
    return found;
  } finally {
    lock.release();
  }
}

/**
 * Reads a folder's database and photographs, a backup or an archive through.
 * @throws StartProblem where there is none
 */
export async function verify(
  file: string | null,
  dataDir: string,
  progress: Progress = silent,
): Promise<Verification> {
  if (file === null) {
    const database = databaseIn(dataDir);
    return verified(database, photoFolder(database), progress);
  }
  if (!existsSync(file)) throw new StartProblem(file, 'there is no such file', 'Say which file to look at');
  return isZip(file) ? verifiedArchive(file, progress) : verified(file, null, progress);
}

function isZip(file: string): boolean {
  const head = Buffer.alloc(2);
  const handle = openSync(file, 'r');
  try {
    readSync(handle, head, 0, 2, 0);
  } finally {
    closeSync(handle);
  }
  return head.toString('latin1') === 'PK';
}

async function verified(
  file: string,
  photos: string | null,
  progress: Progress = silent,
): Promise<Verification> {
  const db = openForReading(file);
  try {
    return await verifyDatabase(db, photos, progress);
  } finally {
    await db.destroy();
  }
}

/** An archive is sound when its files are as its manifest says and its records make a workshop. */
async function verifiedArchive(file: string, progress: Progress): Promise<Verification> {
  const staged = `${file}.looked-at.db`;
  try {
    await stage(file, staged, progress);
    return await verified(staged, null, progress);
  } catch (e) {
    return { ok: false, checked: 0, problems: [(e as Error).message] };
  } finally {
    await discard(staged);
  }
}

/** Writes a folder's workshop into one zip. @throws StartProblem */
export function exportTo(
  archive: string,
  dataDir: string,
  app: string,
  progress: Progress = silent,
): Exported {
  const file = databaseIn(dataDir);
  const { pending } = lookAt(file);
  if (pending)
    throw new StartProblem(file, 'it was written by an older Hornblende', 'Start it once, then export');
  const at = new Date().toISOString();
  return exportArchive({ file, photos: photoFolder(file), to: archive, app, at }, progress);
}

/**
 * Imports an archive into a folder, after asking.
 * @param agrees is shown what would be done; false leaves everything as it is
 * @returns what was done, or null where it was not wanted
 * @throws StartProblem while a server has the folder
 */
export async function importFrom(
  archive: string,
  dataDir: string,
  agrees: (preview: ArchivePreview) => Promise<boolean>,
  progress: Progress = silent,
): Promise<ArchiveImported | null> {
  if (!existsSync(archive)) throw new StartProblem(archive, 'there is no such file', 'Say which archive');
  mkdirSync(dataDir, { recursive: true });
  const lock = lockFolder(dataDir);
  const staged = join(dataDir, 'import.staged.db');
  await discard(staged);
  try {
    const file = join(dataDir, DATABASE_FILE);
    endRestore(file);
    lookAt(file);
    await (await openDatabase(file)).destroy();
    const laidOut = await stage(archive, staged, progress);
    if (!(await agrees(previewImport(file, laidOut, 'import', progress)))) return null;
    const done = importStaged(
      {
        file,
        photos: photoFolder(file),
        staged,
        madeAt: laidOut.manifest.at,
        conflicts: 'keep',
        undo: id => undoFile(file, id),
        now: new Date().toISOString(),
      },
      progress,
    );
    new Journal(dataDir).write('imported', basename(archive));
    return done;
  } finally {
    await discard(staged);
    lock.release();
  }
}
