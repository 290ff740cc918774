import type { ArchiveImported, ArchivePreview, LeftAsIs } from '@hornblende/core/api';
import { existsSync } from 'node:fs';
import { exportArchive } from '../../archive/export.js';
import { importStaged } from '../../archive/import.js';
import { previewImport } from '../../archive/preview.js';
import { discard, stage } from '../../archive/staging.js';
import { undoFile } from '../../archive/undo-file.js';
import { undoImported } from '../../archive/undo.js';
import { fileOfDatabase } from '../../db/database.js';
import { photoFolder } from '../../db/photo-path.js';
import { notFound } from '../../lib/errors.js';
import { json } from '../answer.js';
import type { Task } from '../task.js';

/** The whole workshop written into one zip. @returns how many files it has, and what could not be written */
export const writeArchive: Task<
  { to: string; app: string; now: string },
  { files: number; left: LeftAsIs[] }
> = {
  run(db, { to, app, now }, progress) {
    const file = fileOfDatabase(db);
    const { files, left } = exportArchive({ file, photos: photoFolder(file), to, app, at: now }, progress);
    return { files, left };
  },
};

/** An archive laid out beside the workshop, and what importing it would do. */
export const previewArchive: Task<{ archive: string; staged: string; id: string }, ArchivePreview> = {
  async run(db, { archive, staged, id }, progress) {
    // Laying it out is the longer half.
    const laidOut = await stage(archive, staged, (done, total) => progress(done, 2 * total));
    try {
      return previewImport(fileOfDatabase(db), laidOut, id, (done, total) =>
        progress(total + done, 2 * total),
      );
    } catch (e) {
      await discard(staged);
      throw e;
    }
  },
};

/** An archive that was previewed taken over, all of it or nothing. */
export const importArchive: Task<
  {
    staged: string;
    id: string;
    madeAt: string;
    conflicts: 'keep' | 'replace';
    now: string;
  },
  ArchiveImported
> = {
  writes: true,
  run(db, { staged, id, madeAt, conflicts, now }, progress) {
    if (!existsSync(staged)) throw notFound('archive', id);
    const file = fileOfDatabase(db);
    const order = { file, photos: photoFolder(file), staged, madeAt, conflicts, now };
    return importStaged({ ...order, undo: name => undoFile(file, name) }, progress);
  },
};

/** The import of an archive taken back. */
export const undoArchive: Task<{ id: string }> = {
  writes: true,
  run(db, { id }) {
    const file = fileOfDatabase(db);
    return json(undoImported(file, undoFile(file, id), id));
  },
};
