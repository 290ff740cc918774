import type { StoredPhoto } from '@hornblende/core/api';
import sharp from 'sharp';
import { HttpProblem } from '../lib/errors.js';

/** Widest photograph, and the most pixels: a file of a few bytes may claim any size. */
const WIDEST_PIXELS = 12_000;
const MOST_PIXELS = 50_000_000;
/** Quality of the pictures that are written: above it files grow and nothing more is seen. */
const QUALITY = 88;

/** What the first bytes of a file say that it is; null for what is no JPEG or PNG. */
export function pictureType(bytes: Uint8Array): StoredPhoto['type'] | null {
  const begins = (...head: number[]): boolean => head.every((byte, i) => bytes[i] === byte);
  if (begins(0xff, 0xd8, 0xff)) return 'image/jpeg';
  if (begins(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return 'image/png';
  return null;
}

/** A picture as it is kept. */
export interface PlainPicture extends Pick<StoredPhoto, 'type' | 'width' | 'height'> {
  bytes: Buffer;
}

/**
 * A picture drawn anew from its pixels, turned as the camera held it: nothing of what cameras and programs write
 * beside a picture (place, time, maker, words behind its end) comes through.
 * @throws HttpProblem 415 for what is no JPEG or PNG, cannot be read, or is too large
 */
export async function plainPicture(given: Uint8Array): Promise<PlainPicture> {
  const type = pictureType(given);
  if (!type) throw refused('must be a JPEG or PNG picture');
  const { width = 0, height = 0 } = await understood(() => sharp(given).metadata());
  if (Math.max(width, height) > WIDEST_PIXELS || width * height > MOST_PIXELS)
    throw refused(`must be at most ${WIDEST_PIXELS} pixels wide and high, and 50 million in all`);
  const { data, info } = await understood(() => {
    const turned = sharp(given, { failOn: 'truncated' }).autoOrient();
    const drawn = type === 'image/png' ? turned.png() : turned.jpeg({ quality: QUALITY });
    return drawn.toBuffer({ resolveWithObject: true });
  });
  return { type, width: info.width, height: info.height, bytes: data };
}

/** @throws HttpProblem for a picture that cannot be read */
async function understood<T>(read: () => Promise<T>): Promise<T> {
  try {
    return await read();
  } catch {
    throw refused('cannot be read: it is damaged, or no JPEG or PNG picture');
  }
}

function refused(message: string): HttpProblem {
  return new HttpProblem(415, [{ field: '(photo)', value: null, message }]);
}
