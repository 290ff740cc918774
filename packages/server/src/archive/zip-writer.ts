import { constants, crc32, deflateRawSync } from 'node:zlib';
import { closeSync, fsyncSync, openSync, writeSync } from 'node:fs';
import { GatheredBytes } from './gathered-bytes.js';

// A zip written file by file (PKWARE APPNOTE 6.3, sections 4.3 and 4.5.3 for more than 65 535 files). The libraries
// that were tried look through all files again for each one, or take a millisecond for each: a workshop has hundreds
// of thousands.

const LOCAL_HEADER = 0x04034b50;
const CENTRAL_HEADER = 0x02014b50;
const CENTRAL_END_64 = 0x06064b50;
const CENTRAL_LOCATOR_64 = 0x07064b50;
const CENTRAL_END = 0x06054b50;
/** Version of the format that is needed: 4.5, which has sizes and counts of 64 bits. */
const NEEDS = 45;
/** Names are UTF-8. */
const UTF8_NAMES = 0x0800;
const DEFLATED = 8;
/** Records are small: a small window is set up sooner and packs them as well; 2 takes half of what the usual 6 does. */
const PACKING = { level: 2, windowBits: 12, memLevel: 5 };
/** Noon of the first of January 2000, as MS-DOS has it: the same records give the same bytes, whenever written. */
const DOS_TIME = 12 << 11;
const DOS_DATE = (20 << 9) | (1 << 5) | 1;
/** Bytes that go to the disk together: a write for each of hundreds of thousands of files takes half a minute. */
const HELD_BYTES = 1 << 20;
/** What is packed is put into pieces of at most this length: a small record is given no more than it needs. */
const PACKED_AT_ONCE = { least: 64, most: 1 << 14 };
const FULL_16 = 0xffff;
const FULL_32 = 0xffffffff;

interface Written {
  /** Its path as UTF-8. */
  name: Uint8Array;
  crc: number;
  packed: number;
  size: number;
  offset: number;
}

/** A zip on disk that files are added to one after the other; of each only its entry in the list stays in memory. */
export class ZipWriter {
  private readonly handle: number;
  /** The entries of the list of files, as they will be written. */
  private readonly list = new GatheredBytes();
  private count = 0;
  /** What is not on the disk yet, at the beginning of it. */
  private readonly held = Buffer.allocUnsafe(HELD_BYTES);
  private heldBytes = 0;
  private at = 0;

  constructor(path: string) {
    this.handle = openSync(path, 'w');
  }

  /** @throws Error when it cannot be written */
  add(path: string, bytes: Uint8Array): void {
    this.addPieces(path, [bytes]);
  }

  /**
   * Adds a file that lies in pieces, at least one: each is packed by itself, up to where a byte ends, so that the whole
   * never stands in memory beside them.
   * @throws Error when it cannot be written
   */
  addPieces(path: string, pieces: readonly Uint8Array[]): void {
    const name = Buffer.from(path);
    const packed = pieces.map((piece, i) =>
      deflateRawSync(piece, {
        ...PACKING,
        chunkSize: Math.min(Math.max(PACKED_AT_ONCE.least, piece.length), PACKED_AT_ONCE.most),
        finishFlush: i < pieces.length - 1 ? constants.Z_SYNC_FLUSH : constants.Z_FINISH,
      }),
    );
    const file: Written = {
      ...{ name, crc: crcOf(pieces), offset: this.at },
      ...{ packed: lengthOf(packed), size: lengthOf(pieces) },
    };
    const header = Buffer.alloc(30);
    header.writeUInt32LE(LOCAL_HEADER, 0);
    this.common(header, 4, file);
    for (const bytes of [header, name, ...packed]) this.write(bytes);
    this.list.add(this.centralEntry(file));
    this.count++;
  }

  /** Writes the list of files, and waits until all is on the disk. */
  close(): void {
    const begins = this.at;
    for (const entries of this.list.pieces()) this.write(entries);
    const size = this.at - begins;
    this.writeEnds(begins, size);
    this.flush();
    fsyncSync(this.handle);
    closeSync(this.handle);
  }

  /** Closes what will not be finished. */
  abandon(): void {
    closeSync(this.handle);
  }

  /** What a file's own header and its entry in the list share. */
  private common(header: Buffer, at: number, { name, crc, packed, size }: Written): void {
    header.writeUInt16LE(NEEDS, at);
    header.writeUInt16LE(UTF8_NAMES, at + 2);
    header.writeUInt16LE(DEFLATED, at + 4);
    header.writeUInt16LE(DOS_TIME, at + 6);
    header.writeUInt16LE(DOS_DATE, at + 8);
    header.writeUInt32LE(crc, at + 10);
    header.writeUInt32LE(packed, at + 14);
    header.writeUInt32LE(size, at + 18);
    header.writeUInt16LE(name.length, at + 22);
  }

  private centralEntry(file: Written): Buffer {
    // The place of a file beyond four gigabytes stands in an extra field.
    const far = file.offset >= FULL_32;
    const extra = Buffer.alloc(far ? 12 : 0);
    if (far) {
      extra.writeUInt16LE(1, 0);
      extra.writeUInt16LE(8, 2);
      extra.writeBigUInt64LE(BigInt(file.offset), 4);
    }
    const header = Buffer.alloc(46);
    header.writeUInt32LE(CENTRAL_HEADER, 0);
    header.writeUInt16LE(NEEDS, 4);
    this.common(header, 6, file);
    header.writeUInt16LE(extra.length, 30);
    header.writeUInt32LE(far ? FULL_32 : file.offset, 42);
    return Buffer.concat([header, file.name, extra]);
  }

  private writeEnds(begins: number, size: number): void {
    const { count } = this;
    const end64 = Buffer.alloc(56);
    end64.writeUInt32LE(CENTRAL_END_64, 0);
    end64.writeBigUInt64LE(44n, 4);
    end64.writeUInt16LE(NEEDS, 12);
    end64.writeUInt16LE(NEEDS, 14);
    end64.writeBigUInt64LE(BigInt(count), 24);
    end64.writeBigUInt64LE(BigInt(count), 32);
    end64.writeBigUInt64LE(BigInt(size), 40);
    end64.writeBigUInt64LE(BigInt(begins), 48);
    const locator = Buffer.alloc(20);
    locator.writeUInt32LE(CENTRAL_LOCATOR_64, 0);
    locator.writeBigUInt64LE(BigInt(begins + size), 8);
    locator.writeUInt32LE(1, 16);
    if (count >= FULL_16 || begins >= FULL_32 || size >= FULL_32) {
      this.write(end64);
      this.write(locator);
    }
    const end = Buffer.alloc(22);
    end.writeUInt32LE(CENTRAL_END, 0);
    end.writeUInt16LE(Math.min(count, FULL_16), 8);
    end.writeUInt16LE(Math.min(count, FULL_16), 10);
    end.writeUInt32LE(Math.min(size, FULL_32), 12);
    end.writeUInt32LE(Math.min(begins, FULL_32), 16);
    this.write(end);
  }

  private write(bytes: Uint8Array): void {
    this.at += bytes.length;
    if (bytes.length > this.held.length - this.heldBytes) this.flush();
    if (bytes.length > this.held.length) return this.toDisk(bytes);
    this.held.set(bytes, this.heldBytes);
    this.heldBytes += bytes.length;
  }

  private flush(): void {
    this.toDisk(this.held.subarray(0, this.heldBytes));
    this.heldBytes = 0;
  }

  private toDisk(bytes: Uint8Array): void {
    for (let from = 0; from < bytes.length;) from += writeSync(this.handle, bytes, from, bytes.length - from);
  }
}

function lengthOf(pieces: readonly Uint8Array[]): number {
  return pieces.reduce((length, piece) => length + piece.length, 0);
}

/** The checksum of pieces that lie one after the other. Over no bytes, the library would begin anew. */
function crcOf(pieces: readonly Uint8Array[]): number {
  return pieces.reduce((crc, piece) => (piece.length ? crc32(piece, crc) : crc), 0);
}
