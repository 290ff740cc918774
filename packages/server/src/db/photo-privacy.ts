import type { StoredPhoto } from '@hornblende/core';

/**
 * JPEG segments that carry words about the picture: APP1 to APP15 but for colour profiles (APP2) and the colour
 * transform (APP14), and comments.
 */
const isWords = (marker: number): boolean =>
  (marker >= 0xe1 && marker <= 0xef && marker !== 0xee && marker !== 0xe2) || marker === 0xfe;
/** Where the picture itself begins: after it no segment is looked at. */
const START_OF_SCAN = 0xda;
/** PNG chunks that carry words about the picture. */
const WORDY_CHUNKS: ReadonlySet<string> = new Set(['eXIf', 'tEXt', 'zTXt', 'iTXt', 'tIME']);
const PNG_HEADER = 8;

/** A picture without what cameras write into it: place, time, maker. Its pixels are left as they are. */
export function withoutPlace(bytes: Uint8Array, type: StoredPhoto['type']): Uint8Array {
  return type === 'image/png' ? plainPng(bytes) : plainJpeg(bytes);
}

/** A JPEG without its APP segments of words (ITU T.81, annex B): FF, marker, length of two bytes, content. */
function plainJpeg(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const kept: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1]!;
    if (marker === START_OF_SCAN) break;
    const end = at + 2 + view.getUint16(at + 2);
    if (end > bytes.length) break;
    if (!isWords(marker)) kept.push(bytes.subarray(at, end));
    at = end;
  }
  kept.push(bytes.subarray(at));
  return joined(kept);
}

/** A PNG without its chunks of words: length of four bytes, name of four, content, check of four. */
function plainPng(bytes: Uint8Array): Uint8Array {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const kept: Uint8Array[] = [bytes.subarray(0, PNG_HEADER)];
  let at = PNG_HEADER;
  while (at + 12 <= bytes.length) {
    const end = at + 12 + view.getUint32(at);
    const name = String.fromCharCode(...bytes.subarray(at + 4, at + 8));
    if (end > bytes.length) break;
    if (!WORDY_CHUNKS.has(name)) kept.push(bytes.subarray(at, end));
    at = end;
    // What stands behind the picture's end is no picture.
    if (name === 'IEND') break;
  }
  return joined(kept);
}

function joined(parts: readonly Uint8Array[]): Uint8Array {
  const whole = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0));
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return whole;
}
