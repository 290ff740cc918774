import { DAY_MS } from '@hornblende/core/lib';
import type { StoredPhoto } from '@hornblende/core/api';
import type { Knex } from 'knex';
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, rmSync, statSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { notFound } from '../lib/errors.js';
import { writeWhole } from '../lib/whole-file.js';
import { insertOnce } from './kind.js';
import { photos } from './kinds/photos.js';
import { photoPath } from './photo-path.js';
import { plainPicture } from './picture.js';
import { writing } from './write-gate.js';

interface PhotoRow {
  sha256: string;
  type: StoredPhoto['type'];
  width: number;
  height: number;
  bytes: number;
  at: string;
}

/** Largest photograph that is taken, bytes: browsers scale them down before they send them. */
export const PHOTO_LIMIT = 2 * 2 ** 20;
/**
 * How long a file may stand without its row: it is being written, or an older backup was put in place that does not
 * know of it. Backups go four weeks back; once a photograph is older than that, each of them has its row.
 */
const STRAY_AFTER_MS = 35 * DAY_MS;

/** Photographs: files named by their SHA-256 in a folder beside the database, and a row for each. */
export class PhotoStore {
  constructor(
    private readonly db: Knex,
    private readonly folder: string,
  ) {}

  /**
   * Keeps a photograph, drawn anew without what tells where it was taken: the file first and then its row. The same
   * one again is the same one. @throws HttpProblem 415 for what is no JPEG or PNG
   */
  async put(given: Uint8Array, now: string): Promise<StoredPhoto> {
    const { bytes, ...seen } = await plainPicture(given);
    const photo: StoredPhoto = {
      ...seen,
      bytes: bytes.length,
      sha256: createHash('sha256').update(bytes).digest('hex'),
    };
    const path = photoPath(this.folder, photo);
    if (!existsSync(path)) writeWhole(path, bytes);
    await writing(this.db, t => insertOnce(t, photos, { ...photo, at: now }));
    return photo;
  }

  /** The file. @throws HttpProblem 404 */
  async bytes(sha256: string): Promise<{ type: string; bytes: Buffer }> {
    const row = (await this.db('photos').where({ sha256 }).first()) as PhotoRow | undefined;
    const path = row && photoPath(this.folder, row);
    if (!path || !existsSync(path)) throw notFound('photo', sha256);
    return { type: row.type, bytes: await readFile(path) };
  }

  /** Removes old files that no row knows: a stop between the file and its row left them. @returns how many */
  async sweep(now: number): Promise<number> {
    if (!existsSync(this.folder)) return 0;
    const known = new Set(
      ((await this.db('photos').select('sha256')) as { sha256: string }[]).map(r => r.sha256),
    );
    let swept = 0;
    for (const name of readdirSync(this.folder, { recursive: true, encoding: 'utf8' })) {
      const path = join(this.folder, name);
      const stat = statSync(path);
      if (!stat.isFile() || now - stat.mtimeMs < STRAY_AFTER_MS) continue;
      const sha256 = /([0-9a-f]{64})\.(jpg|png)$/.exec(name)?.[1];
      if (sha256 !== undefined && known.has(sha256)) continue;
      rmSync(path, { force: true });
      swept++;
    }
    return swept;
  }
}
