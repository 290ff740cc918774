import type { ArchivePreview, Verification } from '@hornblende/core';
import type { Knex } from 'knex';
import { existsSync } from 'node:fs';
import { exportArchive } from '../../archive/export.js';
import { importStaged, previewImport, undoImported } from '../../archive/import.js';
import { discard, stage } from '../../archive/staging.js';
import { openForReading } from '../../db/database.js';
import { recordKinds } from '../../db/kinds.js';
import { photoFolder } from '../../db/photo-path.js';
import { damageOf, verifyDatabase } from '../../db/verify.js';
import { notFound } from '../../lib/errors.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** The folder of the photographs of a workshop's database. */
function photosOf(db: Knex): string {
  const { filename } = db.client.config.connection as { filename: string };
  return photoFolder(filename);
}

/** What SQLite finds damaged in the workshop's own database. */
export const lookForDamage: Task<null, string[]> = { run: db => damageOf(db) };

/** Every record of the workshop read through. */
export const verifyWorkshop: Task<null> = { run: async db => json(await verifyDatabase(db)) };

/** A database file read through, and what is in it. */
export const inspectFile: Task<{ path: string }, Verification & { counts: Record<string, number> }> = {
  async run(_db, { path }) {
    const db = openForReading(path);
    try {
      const found = await verifyDatabase(db);
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

/** The whole workshop written into one zip. */
export const writeArchive: Task<{ to: string; app: string; now: string }, null> = {
  async run(db, { to, app, now }) {
    await exportArchive(db, { to, folder: photosOf(db) }, app, now);
    return null;
  },
};

/** An archive laid out beside the workshop, and what importing it would do. */
export const previewArchive: Task<{ archive: string; staged: string; id: string }, ArchivePreview> = {
  async run(db, { archive, staged, id }) {
    const manifest = await stage(archive, staged);
    const from = openForReading(staged);
    try {
      return await previewImport(db, from, manifest, id);
    } catch (e) {
      discard(staged);
      throw e;
    } finally {
      await from.destroy();
    }
  },
};

/** An archive that was previewed taken over, all of it or nothing. */
export const importArchive: Task<{
  staged: string;
  id: string;
  madeAt: string;
  conflicts: 'keep' | 'replace';
  now: string;
}> = {
  writes: true,
  async run(db, { staged, id, madeAt, conflicts, now }) {
    if (!existsSync(staged)) throw notFound('archive', id);
    const from = openForReading(staged);
    try {
      return json(await importStaged(db, from, { madeAt, folder: photosOf(db), conflicts, now }));
    } finally {
      await from.destroy();
    }
  },
};

/** The import of an archive taken back. */
export const undoArchive: Task<{ id: string }> = {
  writes: true,
  async run(db, { id }) {
    return json(await undoImported(db, id));
  },
};
