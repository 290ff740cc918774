import { Unzip, UnzipInflate, UnzipPassThrough, Zip, ZipDeflate } from 'fflate';
import { createHash } from 'node:crypto';
import { closeSync, openSync, readSync, writeSync } from 'node:fs';
import { archiveProblem, type FileEntry } from './manifest.js';

/** Most that may come out of an archive in all, and of one of its files, bytes: a bomb is refused on the way. */
const MOST = { whole: 4 * 2 ** 30, file: 64 * 2 ** 20 };
/** Bytes read at once. */
const CHUNK = 2 ** 20;

/** Length and hash of some bytes. */
export function entryOf(bytes: Uint8Array): FileEntry {
  return { bytes: bytes.length, sha256: createHash('sha256').update(bytes).digest('hex') };
}

/** A zip on disk that files are added to one after the other; nothing of it stands in memory for long. */
export class ZipWriter {
  private readonly handle: number;
  private readonly zip: Zip;
  private failure: Error | null = null;

  constructor(path: string) {
    this.handle = openSync(path, 'w');
    this.zip = new Zip((error, chunk) => {
      if (error) this.failure = error;
      else writeSync(this.handle, chunk);
    });
  }

  /** @throws Error when it cannot be written */
  add(path: string, bytes: Uint8Array): void {
    const file = new ZipDeflate(path, { level: 6 });
    // The same records give the same bytes, whenever they are written.
    file.mtime = new Date('2000-01-01T12:00:00Z');
    this.zip.add(file);
    file.push(bytes, true);
    if (this.failure) throw this.failure;
  }

  /** Writes the end and closes the file. */
  close(): void {
    this.zip.end();
    closeSync(this.handle);
  }
}

/**
 * Reads a zip file by file.
 * @param each is given every file's path and bytes, in the archive's order
 * @throws HttpProblem when it is no zip, is cut short, or holds more than it may
 */
export function readZip(path: string, each: (name: string, bytes: Uint8Array) => void): void {
  const handle = openSync(path, 'r');
  let whole = 0;
  let begun = 0;
  let ended = 0;
  let failure: Error | null = null;
  const unzip = new Unzip(file => {
    begun++;
    const chunks: Uint8Array[] = [];
    let size = 0;
    file.ondata = (error, chunk, last) => {
      if (error)
        failure ??= archiveProblem(`cannot be unpacked at ${file.name.slice(0, 120)}: ${error.message}`);
      if (failure) return;
      size += chunk.length;
      whole += chunk.length;
      if (size > MOST.file || whole > MOST.whole) failure = archiveProblem('holds more than an archive may');
      chunks.push(chunk);
      if (!last || failure) return;
      ended++;
      try {
        each(file.name, Buffer.concat(chunks));
      } catch (e) {
        failure = e as Error;
      }
    };
    file.start();
  });
  unzip.register(UnzipInflate);
  unzip.register(UnzipPassThrough);
  try {
    const buffer = new Uint8Array(CHUNK);
    for (;;) {
      const read = readSync(handle, buffer, 0, CHUNK, null);
      pushed(unzip, buffer.slice(0, read), read === 0);
      if (failure) throw failure;
      if (read === 0) break;
    }
  } finally {
    closeSync(handle);
  }
  if (begun === 0) throw archiveProblem('is no zip with anything in it');
  if (ended < begun) throw archiveProblem('is cut short');
}

function pushed(unzip: Unzip, chunk: Uint8Array, last: boolean): void {
  try {
    unzip.push(chunk, last);
  } catch (e) {
    throw archiveProblem(`cannot be unpacked: ${(e as Error).message}`);
  }
}
