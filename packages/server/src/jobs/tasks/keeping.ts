import type { Verification } from '@hornblende/core/api';
import { fileOfDatabase, openForReading } from '../../db/database.js';
import { recordKinds } from '../../db/kinds/index.js';
import { pathInFolder, photoFolder } from '../../db/photo-path.js';
import { prepareRestore as prepare } from '../../db/prepare-restore.js';
import { forgetUnusedPhotos } from '../../db/unused-photos.js';
import { damagedRecords, damageOf, verifyRecords, verifySums } from '../../db/verify.js';
import { copyDatabase as copied } from '../../backup/copy-database.js';
import { copiesFolder, copyPhotos, sweepCopies } from '../../backup/photo-copies.js';
import type { Task } from '../task.js';

/** What is wrong with the workshop's own database. */
export interface DamageFound {
  /** What SQLite finds damaged in the file itself. */
  file: string[];
  /** Records that are not as they were written. */
  records: string[];
}

/** Looks through the workshop's own database. */
export const lookForDamage: Task<null, DamageFound> = {
  async run(db) {
    const file = await damageOf(db);
    return { file, records: file.length ? [] : await damagedRecords(db) };
  },
};

/** Photographs that nothing has named for a week forgotten; how many. */
export const forgetPhotos: Task<{ now: number }, number> = {
  writes: true,
  run: (db, { now }) => forgetUnusedPhotos(db, now),
};

/** What SQLite finds damaged in the workshop's own file, or in another. */
export const damageOfFile: Task<{ path: string | null }, string[]> = {
  async run(own, { path }) {
    if (path === null) return damageOf(own);
    const db = openForReading(path);
    try {
      return await damageOf(db);
    } finally {
      await db.destroy();
    }
  },
};

/** Every record of the workshop read through. */
export const verifyWorkshop: Task<null, Verification> = {
  run: (db, _input, progress) => verifyRecords(db, photoFolder(fileOfDatabase(db)), progress),
};

/** A copy of the workshop's database as it stands at one moment. */
export const copyDatabase: Task<{ to: string }, null> = {
  run(db, { to }) {
    copied(fileOfDatabase(db), to);
    return null;
  },
};

/** The photographs that a backup names copied beside the backups of a folder; how many are gone. */
export const copyPhotosTo: Task<{ backup: string; folder: string }, number> = {
  run: (db, { backup, folder }) =>
    copyPhotos(backup, photoFolder(fileOfDatabase(db)), copiesFolder(folder), pathInFolder),
};

/** Copies of photographs that none of the backups of a folder names any more removed. */
export const sweepPhotoCopies: Task<{ folder: string; backups: string[] }, null> = {
  run(_db, { folder, backups }) {
    sweepCopies(folder, backups, pathInFolder);
    return null;
  },
};

/** A backup laid out beside the workshop, with its photographs, to be put in its place. */
export const prepareRestore: Task<{ backup: string; copy: string; now: string }, null> = {
  async run(db, order) {
    await prepare({ ...order, photos: photoFolder(fileOfDatabase(db)) });
    return null;
  },
};

/** The records of a copy of a database read through, and what is in it; record by record, or by their sums. */
export const inspectFile: Task<
  { path: string; bySums: boolean },
  Verification & { counts: Record<string, number> }
> = {
  async run(_db, { path, bySums }, progress) {
    const db = openForReading(path);
    try {
      const found = bySums ? await verifySums(db, progress) : await verifyRecords(db, null, progress);
      const counts: Record<string, number> = {};
      for (const { name, table } of recordKinds) {
        if (!(await db.schema.hasTable(table))) continue;
        const row = (await db(table).count({ n: '*' }).first()) as { n: number };
        counts[name] = row.n;
      }
      return { ...found, counts };
    } finally {
      await db.destroy();
    }
  },
};
