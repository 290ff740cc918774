import type { ArchiveImported, ArchivePreview, BackupSummary, Verification } from '@hornblende/core';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { exportArchive } from '../archive/export.js';
import { importStaged, previewImport } from '../archive/import.js';
import { checkedManifest, discard, stage } from '../archive/staging.js';
import { openDatabase, openForReading } from '../db/database.js';
import { photoFolder } from '../db/photo-path.js';
import { lookAt } from '../workplace/look-at.js';
import { StartProblem } from '../lib/start-problem.js';
import { verifyDatabase } from '../db/verify.js';
import { lockFolder } from '../workplace/folder-lock.js';
import { restoreInto } from '../workplace/restore.js';
import { DATABASE_FILE, Workplace } from '../workplace/workplace.js';

// What the command line does to a data folder without serving it. Reading goes on beside a server; what writes
// takes the folder for itself.

/** The database of a folder. @throws StartProblem where there is none */
function databaseIn(dataDir: string): string {
  const file = join(dataDir, DATABASE_FILE);
  if (!existsSync(file))
    throw new StartProblem(file, 'there is no workshop here', 'Say which folder with --data');
  lookAt(file);
  return file;
}

/** Makes a backup of a folder's database beside it. @throws StartProblem */
export async function backUp(dataDir: string): Promise<BackupSummary> {
  databaseIn(dataDir);
  const workplace = await Workplace.open(dataDir);
  try {
    return await workplace.backups.make('demand');
  } finally {
    await workplace.close();
  }
}

/**
 * Puts a backup in place of a folder's database, which is set aside.
 * @throws StartProblem while a server has the folder, or for a file that is no sound backup
 */
export async function restore(backup: string, dataDir: string): Promise<Verification> {
  if (!existsSync(backup)) throw new StartProblem(backup, 'there is no such file', 'Say which backup');
  const { damage } = lookAt(backup);
  const found = damage.length ? { ok: false, checked: 0, problems: damage } : await verified(backup);
  if (!found.ok)
    throw new StartProblem(backup, `it is damaged (${found.problems[0]})`, 'Choose another backup');
  mkdirSync(dataDir, { recursive: true });
  const lock = lockFolder(dataDir);
  try {
    restoreInto(backup, join(dataDir, DATABASE_FILE));
    return found;
  } finally {
    lock.release();
  }
}

/** Reads a folder's database, a backup or an archive through. @throws StartProblem where there is none */
export async function verify(file: string | null, dataDir: string): Promise<Verification> {
  if (file === null) return verified(databaseIn(dataDir));
  if (!existsSync(file)) throw new StartProblem(file, 'there is no such file', 'Say which file to look at');
  return isZip(file) ? verifiedArchive(file) : verified(file);
}

function isZip(file: string): boolean {
  return readFileSync(file).subarray(0, 2).toString('latin1') === 'PK';
}

async function verified(file: string): Promise<Verification> {
  const db = openForReading(file);
  try {
    return await verifyDatabase(db);
  } finally {
    await db.destroy();
  }
}

/** An archive is sound when its files are as its manifest says and its records make a workshop. */
async function verifiedArchive(file: string): Promise<Verification> {
  const staged = `${file}.looked-at.db`;
  try {
    const checked = Object.keys(checkedManifest(file).files).length;
    await stage(file, staged);
    const { problems } = await verified(staged);
    return { ok: problems.length === 0, checked, problems };
  } catch (e) {
    return { ok: false, checked: 0, problems: [(e as Error).message] };
  } finally {
    discard(staged);
  }
}

/** Writes a folder's workshop into one zip. @returns how many files it has. @throws StartProblem */
export async function exportTo(archive: string, dataDir: string, app: string): Promise<number> {
  const file = databaseIn(dataDir);
  const { pending } = lookAt(file);
  if (pending)
    throw new StartProblem(file, 'it was written by an older Hornblende', 'Start it once, then export');
  const db = openForReading(file);
  try {
    const { files } = await exportArchive(
      db,
      { to: archive, folder: photoFolder(file) },
      app,
      new Date().toISOString(),
    );
    return Object.keys(files).length;
  } finally {
    await db.destroy();
  }
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
): Promise<ArchiveImported | null> {
  if (!existsSync(archive)) throw new StartProblem(archive, 'there is no such file', 'Say which archive');
  mkdirSync(dataDir, { recursive: true });
  const lock = lockFolder(dataDir);
  const staged = join(dataDir, 'import.staged.db');
  discard(staged);
  try {
    const file = join(dataDir, DATABASE_FILE);
    lookAt(file);
    const db = await openDatabase(file);
    try {
      const manifest = await stage(archive, staged);
      const from = openForReading(staged);
      try {
        if (!(await agrees(await previewImport(db, from, manifest, 'import')))) return null;
        return await importStaged(db, from, {
          madeAt: manifest.at,
          folder: photoFolder(file),
          conflicts: 'keep',
          now: new Date().toISOString(),
        });
      } finally {
        await from.destroy();
      }
    } finally {
      await db.destroy();
    }
  } finally {
    discard(staged);
    lock.release();
  }
}
