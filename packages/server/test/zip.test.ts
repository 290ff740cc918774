import { mkdtempSync, readFileSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import { writeFileSync } from 'node:fs';
import { afterAll, describe, expect, it } from 'vitest';
import { openZip } from '../src/archive/zip-reader.js';
import { ZipWriter } from '../src/archive/zip-writer.js';

const folder = mkdtempSync(join(tmpdir(), 'hornblende-zip-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));
const limits = { whole: 2 ** 30, file: 2 ** 20, files: 200_000, ratio: 500 };

describe('a zip that is written file by file', () => {
  it('of more files than the old format counts is read back whole, in order', async () => {
    const path = join(folder, 'many.zip');
    const MANY = 66_000;
    const zip = new ZipWriter(path);
    for (let i = 0; i < MANY; i++) zip.add(`records/ä-${i}.json`, Buffer.from(`{"n":${i}}`));
    zip.close();
    const reader = await openZip(path, limits);
    expect(reader.count).toBe(MANY);
    let n = 0;
    await reader.eachFile(async (name, bytes) => {
      if (n % 9999 === 0) {
        expect(name).toBe(`records/ä-${n}.json`);
        expect((await bytes()).toString()).toBe(`{"n":${n}}`);
      }
      n++;
    });
    reader.close();
    expect(n).toBe(MANY);
  });

  it('takes a file in pieces, whatever their lengths, and gives it back whole', async () => {
    const path = join(folder, 'pieces.zip');
    const pieces = ['', 'a', 'b'.repeat(70_000), '', 'é€', ''].map(text => Buffer.from(text));
    const zip = new ZipWriter(path);
    zip.addPieces('whole', pieces);
    zip.add('next', Buffer.from('after it'));
    zip.close();
    const read: Record<string, string> = {};
    const reader = await openZip(path, limits);
    await reader.eachFile(async (name, bytes) => void (read[name] = (await bytes()).toString()));
    reader.close();
    expect(read).toEqual({ whole: Buffer.concat(pieces).toString(), next: 'after it' });
    // Another reader of the format, which checks what it unpacks in its own way.
    expect(Buffer.from(unzipSync(readFileSync(path)).whole!).toString()).toBe(read.whole);
  });

  it('is the same bytes whenever it is written, and as long as nothing at all', async () => {
    const sizes = ['a', 'b'].map(name => {
      const zip = new ZipWriter(join(folder, name));
      zip.add('x', Buffer.from('y'.repeat(1000)));
      zip.close();
      return statSync(join(folder, name)).size;
    });
    expect(sizes[0]).toBe(sizes[1]);
    const empty = new ZipWriter(join(folder, 'none.zip'));
    empty.close();
    expect((await openZip(join(folder, 'none.zip'), limits)).count).toBe(0);
  });
});

describe('a zip that is read', () => {
  const refused = async (bytes: Uint8Array): Promise<string> => {
    const path = join(folder, 'given.zip');
    writeFileSync(path, bytes);
    try {
      const zip = await openZip(path, limits);
      await zip.eachFile(async (_name, read) => void (await read()));
      return 'taken';
    } catch (e) {
      return (e as Error).message;
    }
  };

  it('is refused where it is none, too large, or leads out of its folder', async () => {
    expect(await refused(Buffer.from('PK and no more'))).toContain('no zip');
    expect(await refused(zipSync({ a: new Uint8Array(2 ** 20 + 1) }))).toContain('one file may have');
    expect(await refused(zipSync({ a: new Uint8Array(2 ** 20) }))).toContain('more than 500 times');
    expect(await refused(zipSync({ '../a': new Uint8Array(3) }))).toContain('cannot be unpacked');
    expect(await refused(zipSync({ a: Buffer.from('plain') }, { level: 0 }))).toBe('taken');
  });

  it('is refused where a file is damaged inside', async () => {
    const bytes = zipSync({ a: Buffer.from('some words that go on and on and on') });
    bytes[40] = bytes[40]! ^ 0xff;
    expect(await refused(bytes)).toContain('cannot be unpacked at a');
  });
});
