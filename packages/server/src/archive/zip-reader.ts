import { crc32, inflateRawSync } from 'node:zlib';
import yauzl, { type Entry, type ZipFile } from 'yauzl';
import { archiveProblem } from './manifest.js';

/** What an archive may hold: a bomb is refused by what it says of itself, and again by what comes out of it. */
export interface ZipLimits {
  /** All that may come out, bytes. */
  whole: number;
  /** What may come out of one file, bytes. */
  file: number;
  files: number;
  /** How many times as large as it is what comes out may be. */
  ratio: number;
}

/** A zip that is read file by file, in any order. */
export interface ZipReader {
  /** How many files it has. */
  count: number;
  /** Gives every file to `each`, one after the other. `each` asks for the bytes of those that it wants. */
  eachFile: (each: (name: string, bytes: () => Promise<Buffer>) => Promise<void>) => Promise<void>;
  close: () => void;
}

/** Files up to this size are read at once: a stream for each of a hundred thousand takes longer than reading them. */
const READ_AT_ONCE = 2 ** 20;

/**
 * Opens a zip.
 * @throws HttpProblem for what is no zip, is cut short, or says that it holds more than it may
 */
export async function openZip(path: string, limits: ZipLimits): Promise<ZipReader> {
  const zip = await opened(path);
  if (zip.entryCount > limits.files) {
    zip.close();
    throw archiveProblem(`holds ${zip.entryCount} files; at most ${limits.files} are taken`);
  }
  return {
    count: zip.entryCount,
    close: () => zip.close(),
    eachFile: each => walked(path, limits, each),
  };
}

function opened(path: string): Promise<ZipFile> {
  return new Promise((resolve, reject) => {
    yauzl.open(path, { lazyEntries: true, autoClose: false, validateEntrySizes: true }, (error, zip) =>
      error ? reject(archiveProblem(noZipWords(error.message))) : resolve(zip),
    );
  });
}

function noZipWords(message: string): string {
  return /end of central directory/i.test(message)
    ? 'is no zip with anything in it, or is cut short'
    : `cannot be unpacked: ${message}`;
}

async function walked(
  path: string,
  limits: ZipLimits,
  each: (name: string, bytes: () => Promise<Buffer>) => Promise<void>,
): Promise<void> {
  const zip = await opened(path);
  let whole = 0;
  try {
    for await (const entry of entriesOf(zip)) {
      whole += entry.uncompressedSize;
      requireWithin(entry, whole, zip.fileSize, limits);
      if (entry.fileName.endsWith('/')) continue;
      await each(entry.fileName, () => bytesOf(zip, entry));
    }
  } finally {
    zip.close();
  }
}

function requireWithin(entry: Entry, whole: number, size: number, limits: ZipLimits): void {
  const gigabytes = (bytes: number): string => `${(bytes / 2 ** 30).toFixed(1)} GB`;
  if (entry.uncompressedSize > limits.file)
    throw archiveProblem(
      `holds ${entry.fileName.slice(0, 120)} of ${entry.uncompressedSize} bytes; one file may have ${limits.file}`,
    );
  if (whole > limits.whole)
    throw archiveProblem(
      `holds more than ${gigabytes(limits.whole)}; HORNBLENDE_ARCHIVE_GB lets more be taken`,
    );
  if (whole > limits.ratio * size)
    throw archiveProblem(`holds more than ${limits.ratio} times what it takes itself`);
}

async function* entriesOf(zip: ZipFile): AsyncGenerator<Entry> {
  for (;;) {
    const entry = await new Promise<Entry | null>((resolve, reject) => {
      const done = (): void => {
        zip.removeAllListeners('entry');
        zip.removeAllListeners('end');
        zip.removeAllListeners('error');
      };
      zip.once('entry', (e: Entry) => {
        done();
        resolve(e);
      });
      zip.once('end', () => {
        done();
        resolve(null);
      });
      zip.once('error', (e: Error) => {
        done();
        reject(archiveProblem(noZipWords(e.message)));
      });
      zip.readEntry();
    });
    if (!entry) return;
    yield entry;
  }
}

function bytesOf(zip: ZipFile, entry: Entry): Promise<Buffer> {
  const small = entry.uncompressedSize <= READ_AT_ONCE && entry.compressionMethod === 8;
  return new Promise((resolve, reject) => {
    const refuse = (e: Error): void =>
      reject(archiveProblem(`cannot be unpacked at ${entry.fileName.slice(0, 120)}: ${e.message}`));
    const take = (packed: Buffer): void => {
      try {
        const bytes = small
          ? inflateRawSync(packed, { maxOutputLength: Math.max(1, entry.uncompressedSize) })
          : packed;
        if (bytes.length !== entry.uncompressedSize) throw new Error('it is not as long as it says');
        if (crc32(bytes) !== entry.crc32) throw new Error('its checksum does not fit');
        resolve(bytes);
      } catch (e) {
        refuse(e as Error);
      }
    };
    zip.openReadStream(entry, small ? { decompress: false } : {}, (error, stream) => {
      if (error) return refuse(error);
      const chunks: Buffer[] = [];
      stream.on('data', (chunk: Buffer) => chunks.push(chunk));
      stream.once('error', refuse);
      stream.once('end', () => take(Buffer.concat(chunks)));
    });
  });
}
