import { Choice, parseInput, Text } from '@hornblende/core';
import { Router } from 'express';
import { randomUUID } from 'node:crypto';
import { createWriteStream, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { discard } from '../archive/staging.js';
import { holdingGate } from '../db/write-gate.js';
import { notFound } from '../lib/errors.js';
import { send } from './send.js';
import type { Workplace } from '../workplace/workplace.js';

/** Where archives lie while they are looked at. */
const FOLDER = 'imports';
/** How long an archive that was looked at stays to be imported, ms. */
const STAYS_MS = 3_600_000;

/** Body of `POST /api/archive/imports`. */
class ImportInput {
  @Text({ maxLength: 60, doc: 'The archive that was previewed.' }) id!: string;
  @Choice(['keep', 'replace'], {
    optional: true,
    doc: 'What becomes of records that were changed here since; default keep.',
  })
  conflicts: 'keep' | 'replace' = 'keep';
}

/** /archive: the whole workshop in one file, out; and one like it in again, looked at before. */
export function archiveRoutes(workplace: Workplace, version: string, now: () => string): Router {
  const { db, jobs, dataDir } = workplace;
  const folder = join(dataDir, FOLDER);
  /** When the archives that were looked at were made, by their ids. */
  const looked = new Map<string, { madeAt: string; at: number }>();
  // What an earlier run left half looked at.
  rmSync(folder, { recursive: true, force: true });
  const router = Router();

  router.get('/', async (_req, res) => {
    mkdirSync(folder, { recursive: true });
    const to = join(folder, `${randomUUID()}.zip`);
    try {
      await jobs.run('heavy', 'writeArchive', { to, app: version, now: now() });
      await new Promise<void>((resolve, reject) =>
        res.download(to, `hornblende-${now().slice(0, 10)}.zip`, { dotfiles: 'allow' }, e =>
          e && !res.headersSent ? reject(e) : resolve(),
        ),
      );
    } finally {
      rmSync(to, { force: true });
    }
  });

  router.post('/previews', async (req, res) => {
    mkdirSync(folder, { recursive: true });
    forgetOld();
    const id = randomUUID();
    const archive = join(folder, `${id}.zip`);
    const staged = join(folder, `${id}.db`);
    try {
      await pipeline(req, createWriteStream(archive));
      const preview = await jobs.run('heavy', 'previewArchive', { archive, staged, id });
      looked.set(id, { madeAt: preview.madeAt, at: Date.now() });
      res.status(201).json(preview);
    } finally {
      rmSync(archive, { force: true });
    }
  });

  router.post('/imports', async (req, res) => {
    const { id, conflicts } = parseInput(ImportInput, req.body);
    const seen = looked.get(id);
    if (!seen) throw notFound('archive', id);
    const staged = join(folder, `${id}.db`);
    const input = { staged, id, madeAt: seen.madeAt, conflicts, now: now() };
    send(res, await holdingGate(db, () => jobs.run('heavy', 'importArchive', input)));
    looked.delete(id);
    discard(staged);
  });

  router.post('/imports/:id/undo', async (req, res) => {
    const input = { id: req.params.id };
    send(res, await holdingGate(db, () => jobs.run('heavy', 'undoArchive', input)));
  });

  function forgetOld(): void {
    for (const [id, { at }] of looked) if (Date.now() - at > STAYS_MS) looked.delete(id);
    for (const name of readdirSync(folder)) {
      const id = name.replace(/\..*$/, '');
      if (name.endsWith('.db') && !looked.has(id)) discard(join(folder, name));
    }
  }
  return router;
}
