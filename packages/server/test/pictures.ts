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

/** The frame of a JPEG of 8 × 8 with an EXIF segment of words: enough to be known by, and to be stripped. */
export function jpeg(words: string): Buffer {
  const segment = (marker: number, data: Buffer): Buffer => {
    const head = Buffer.from([0xff, marker, 0, 0]);
    head.writeUInt16BE(data.length + 2, 2);
    return Buffer.concat([head, data]);
  };
  return Buffer.concat([
    Buffer.from([0xff, 0xd8]),
    segment(0xe0, Buffer.from('JFIF\0\x01\x01\0\0\x01\0\x01\0\0', 'latin1')),
    segment(0xfe, Buffer.from(words, 'latin1')),
    segment(0xed, Buffer.from(`Photoshop 3.0\0${words}`, 'latin1')),
    segment(0xc0, Buffer.from([8, 0, 8, 0, 8, 1, 1, 0x11, 0])),
    segment(0xda, Buffer.from([1, 1, 0, 0, 63, 0])),
    Buffer.from([0, 0xff, 0xd9]),
  ]);
}
