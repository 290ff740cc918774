import type { StoredPhoto } from '@hornblende/core';
import { imageSize } from 'image-size';
import type { Knex } from 'knex';
import { createHash } from 'node:crypto';
import {
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { dirname, join } from 'node:path';
import { HttpProblem, notFound } from '../lib/errors.js';
import { photoPath } from './photo-path.js';
import { withoutPlace } from './photo-privacy.js';
import { writing } from './write-gate.js';

interface PhotoRow {
  sha256: string;
  type: StoredPhoto['type'];
  width: number;
  height: number;
  bytes: number;
  at: string;
}

/** Largest photograph that is kept, bytes: browsers scale them down before they send them. */
export const PHOTO_LIMIT = 2 * 2 ** 20;
/** Widest photograph, pixels: a file of a few bytes may claim any size. */
const MOST_PIXELS = 12_000;
/**
 * How long a file may stand without its row: it is being written, or an older backup was put in place that does not
 * know of it. Backups go four weeks back; once a photograph is older than that, each of them has its row.
 */
const STRAY_AFTER_MS = 35 * 24 * 3_600_000;

/** Writes a file whole or not at all. */
export function writeWhole(path: string, bytes: Uint8Array): void {
  mkdirSync(dirname(path), { recursive: true });
  const part = `${path}.${process.pid}.part`;
  writeFileSync(part, bytes, { flush: true });
  renameSync(part, path);
}

/** Photographs: files named by their SHA-256 in a folder beside the database, and a row for each. */
export class PhotoStore {
  constructor(
    private readonly db: Knex,
    private readonly folder: string,
  ) {}

  /**
   * Keeps a photograph, the file first and then its row; the same one again is the same one. What tells where it was
   * taken is left out. @throws HttpProblem 415 for what is no JPEG or PNG
   */
  async put(given: Uint8Array, now: string): Promise<StoredPhoto> {
    const seen = lookedAt(given);
    const bytes = withoutPlace(given, seen.type);
    const photo: StoredPhoto = {
      ...seen,
      bytes: bytes.length,
      sha256: createHash('sha256').update(bytes).digest('hex'),
    };
    const path = photoPath(this.folder, photo);
    if (!existsSync(path)) writeWhole(path, bytes);
    await writing(this.db, async t => {
      await t('photos')
        .insert({ ...photo, at: now })
        .onConflict('sha256')
        .ignore();
    });
    return photo;
  }

  /** The file. @throws HttpProblem 404 */
  async bytes(sha256: string): Promise<{ type: string; bytes: Buffer }> {
    const row = (await this.db('photos').where({ sha256 }).first()) as PhotoRow | undefined;
    if (!row) throw notFound('photo', sha256);
    const path = photoPath(this.folder, row);
    if (!existsSync(path)) throw notFound('photo', sha256);
    return { type: row.type, bytes: readFileSync(path) };
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

/** What a picture is, by its content and not by what it is called. @throws HttpProblem */
function lookedAt(bytes: Uint8Array): Pick<StoredPhoto, 'type' | 'width' | 'height'> {
  const refuse = (message: string): never => {
    throw new HttpProblem(415, [{ field: '(photo)', value: null, message }]);
  };
  const size = sizeOf(bytes);
  if (!size || (size.type !== 'jpg' && size.type !== 'png')) return refuse('must be a JPEG or PNG picture');
  if (size.width < 1 || size.height < 1 || Math.max(size.width, size.height) > MOST_PIXELS)
    return refuse(`must be from 1 to ${MOST_PIXELS} pixels wide and high`);
  const type = size.type === 'png' ? 'image/png' : 'image/jpeg';
  return { type, width: size.width, height: size.height };
}

function sizeOf(bytes: Uint8Array): { type?: string; width: number; height: number } | null {
  try {
    return imageSize(bytes);
  } catch {
    return null;
  }
}
