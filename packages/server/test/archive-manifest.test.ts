import { describe, expect, it } from 'vitest';
import { entryOf, ManifestWriter } from '../src/archive/manifest.js';

const head = { app: 'tells of "files": {} and more', schema: '001-start', at: '2026-12-01T12:00:00.000Z' };
const left = [{ what: 'parts x', why: 'holds "files": {}' }];
/** Paths that JSON has to escape, and more bytes than lie in one piece. */
const paths = [
  'parts/a.json',
  'parts/"quoted" ä\n.json',
  ...Array.from({ length: 12_000 }, (_, i) => `${i}.json`),
];

describe('a manifest that is written file by file', () => {
  it.each([0, 1, 2, paths.length])('of %i files is what JSON makes of the whole, byte for byte', count => {
    const writer = new ManifestWriter();
    const files: Record<string, object> = {};
    for (const path of paths.slice(0, count)) {
      writer.add(path, Buffer.from(path));
      files[path] = entryOf(Buffer.from(path));
    }
    for (const missing of [[], left]) {
      const said = Buffer.concat(writer.pieces(head, missing)).toString();
      const whole = { format: 'hornblende-archive', version: 1, ...head, files };
      const list = missing.length ? { left: missing } : {};
      expect(said).toBe(`${JSON.stringify({ ...whole, ...list }, null, 1)}\n`);
    }
  });
});
