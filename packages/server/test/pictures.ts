import sharp from 'sharp';
import { crc32, deflateSync } from 'node:zlib';

function chunk(name: string, data: Uint8Array): Buffer {
  const body = Buffer.concat([Buffer.from(name, 'latin1'), data]);
  const length = Buffer.alloc(4);
  length.writeUInt32BE(data.length);
  const check = Buffer.alloc(4);
  check.writeUInt32BE(crc32(body));
  return Buffer.concat([length, body, check]);
}

/** A small grey PNG, with words of where it was taken in it. @param tone 0 to 255: another tone, another picture */
export function png(tone: number, words = 'taken at 54.1 N'): Buffer {
  const header = Buffer.from([0, 0, 0, 4, 0, 0, 0, 4, 8, 0, 0, 0, 0]);
  const rows = Buffer.concat(Array.from({ length: 4 }, () => Buffer.from([0, tone, tone, tone, tone])));
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', header),
    chunk('tEXt', Buffer.from(`Comment\0${words}`, 'latin1')),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

/**
 * A JPEG of 8 × 8 with words of where it was taken wherever a file can hold them: in comments and segments, the second
 * behind fill bytes (ITU T.81, B.1.1.2), and behind the picture's end.
 */
export async function jpeg(words: string): Promise<Buffer> {
  const segment = (marker: number, data: Buffer): Buffer => {
    const head = Buffer.from([0xff, marker, 0, 0]);
    head.writeUInt16BE(data.length + 2, 2);
    return Buffer.concat([head, data]);
  };
  const grey = { width: 8, height: 8, channels: 3 as const, background: { r: 90, g: 120, b: 90 } };
  const plain = await sharp({ create: grey }).jpeg().toBuffer();
  return Buffer.concat([
    plain.subarray(0, 2),
    segment(0xfe, Buffer.from(words, 'latin1')),
    Buffer.from([0xff, 0xff, 0xff]),
    segment(0xed, Buffer.from(`Photoshop 3.0\0${words}`, 'latin1')),
    plain.subarray(2),
    Buffer.from(words, 'latin1'),
  ]);
}
