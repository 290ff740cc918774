import type { LeftAsIs } from '@hornblende/core/api';
import { Choice, parseInput, Text } from '@hornblende/core/input';
import { HOUR_MS } from '@hornblende/core/lib';
import { Router } from 'express';
import { randomUUID } from 'node:crypto';
import { createWriteStream, existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { rm } from 'node:fs/promises';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { archiveLimits, discard } from '../archive/staging.js';
import { holdingGate } from '../db/write-gate.js';
import { HttpProblem, notFound } from '../lib/errors.js';
import type { Workplace } from '../workplace/workplace.js';
import type { LongJobs } from './long-jobs.js';
import { send } from './send.js';

/** Where archives lie while they are looked at, or wait to be fetched. */
const FOLDER = 'imports';
/** How long an archive that was looked at stays to be imported, or one that was written to be fetched, ms. */
const STAYS_MS = HOUR_MS;

/** Body of `POST /api/archive/imports`. */
class ImportInput {
  @Text({ maxLength: 60, doc: 'The archive that was previewed.' }) id!: string;
  @Choice(['keep', 'replace'], {
    optional: true,
    doc: 'What becomes of records that were changed here since; default keep.',
  })
  conflicts: 'keep' | 'replace' = 'keep';
}

/** An archive that was written, ready to be fetched. */
export interface ExportReady {
  /** Names it: `GET /api/archive/exports/ID`. */
  id: string;
  files: number;
  left: LeftAsIs[];
}

/** /archive: the whole workshop in one file, out; and one like it in again, looked at before. */
export function archiveRoutes(
  workplace: Workplace,
  long: LongJobs,
  version: string,
  now: () => string,
): Router {
  const { db, jobs, dataDir, journal } = workplace;
  const folder = join(dataDir, FOLDER);
  /** When the archives that were looked at were made, by their ids. */
  const looked = new Map<string, { madeAt: string; at: number }>();
  // What an earlier run left half looked at.
  rmSync(folder, { recursive: true, force: true });
  const { whole } = archiveLimits();
  const router = Router();
  const zipOf = (id: string): string => join(folder, `${id.replace(/[^\w-]/g, '')}.zip`);

  router.get('/', async (_req, res) => {
    mkdirSync(folder, { recursive: true });
    const to = zipOf(randomUUID());
    try {
      const { left } = await jobs.run('heavy', 'writeArchive', { to, app: version, now: now() });
      if (left.length) res.set('Left-Out-Records', String(left.length));
      await new Promise<void>((resolve, reject) =>
        res.download(to, `hornblende-${now().slice(0, 10)}.zip`, { dotfiles: 'allow' }, e =>
          e && !res.headersSent ? reject(e) : resolve(),
        ),
      );
    } finally {
      await rm(to, { force: true });
    }
  });

  router.post('/exports', async (req, res) => {
    mkdirSync(folder, { recursive: true });
    const id = randomUUID();
    const input = { to: zipOf(id), app: version, now: now() };
    const work = async (how: object): Promise<ExportReady> => {
      const written = await jobs.run('heavy', 'writeArchive', input, how);
      // What cannot be removed now goes when the next server starts.
      setTimeout(() => void rm(input.to, { force: true }).catch(() => undefined), STAYS_MS).unref();
      return { id, ...written };
    };
    await long.answer(req, res, work, 201);
  });

  router.get('/exports/:id', (req, res) => {
    const file = zipOf(req.params.id);
    if (!existsSync(file)) throw notFound('archive', req.params.id);
    res.download(file, `hornblende-${now().slice(0, 10)}.zip`, { dotfiles: 'allow' });
  });

  router.post('/previews', async (req, res) => {
    mkdirSync(folder, { recursive: true });
    await forgetOld();
    const id = randomUUID();
    const archive = zipOf(id);
    const staged = join(folder, `${id}.db`);
    try {
      await pipeline(req, bounded(whole), createWriteStream(archive));
    } catch (e) {
      await rm(archive, { force: true });
      throw e;
    }
    await long.answer(
      req,
      res,
      async how => {
        try {
          const preview = await jobs.run('heavy', 'previewArchive', { archive, staged, id }, how);
          looked.set(id, { madeAt: preview.madeAt, at: Date.now() });
          return preview;
        } catch (e) {
          await discard(staged);
          throw e;
        } finally {
          await rm(archive, { force: true });
        }
      },
      201,
    );
  });

  router.post('/imports', async (req, res) => {
    const { id, conflicts } = parseInput(ImportInput, req.body);
    const seen = looked.get(id);
    if (!seen) throw notFound('archive', id);
    const staged = join(folder, `${id}.db`);
    const input = { staged, id, madeAt: seen.madeAt, conflicts, now: now() };
    await long.answer(req, res, async ({ progress }) => {
      // What writes is not to be ended in the middle.
      const done = await holdingGate(db, () => jobs.run('heavy', 'importArchive', input, { progress }));
      looked.delete(id);
      await discard(staged);
      journal.write('imported', `an archive of ${seen.madeAt.slice(0, 10)}`);
      return done;
    });
  });

  router.post('/imports/:id/undo', async (req, res) => {
    const input = { id: req.params.id };
    const undone = await holdingGate(db, () => jobs.run('heavy', 'undoArchive', input));
    journal.write('import-undone', req.params.id);
    send(res, undone);
  });

  async function forgetOld(): Promise<void> {
    for (const [id, { at }] of looked) if (Date.now() - at > STAYS_MS) looked.delete(id);
    for (const name of readdirSync(folder)) {
      const id = name.replace(/\..*$/, '');
      if (name.endsWith('.db') && !looked.has(id)) await discard(join(folder, name));
    }
  }
  return router;
}

/** Passes bytes on up to a limit. */
function bounded(limit: number): (source: AsyncIterable<Buffer>) => AsyncGenerator<Buffer> {
  return async function* (source) {
    let taken = 0;
    for await (const chunk of source) {
      taken += chunk.length;
      if (taken > limit)
        throw new HttpProblem(413, [
          { field: '(archive)', value: null, message: `is over the limit of ${limit} bytes` },
        ]);
      yield chunk;
    }
  };
}
