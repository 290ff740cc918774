import { cpSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from '../src/index.js';

let sown: Promise<string> | null = null;

/** Lays the demo out in a folder of its own: once for all files of a worker, for it takes longer than most tests. */
async function sow(): Promise<string> {
  const dir = mkdtempSync(join(tmpdir(), 'hornblende-sown-'));
  await (await startServer({ dataDir: dir, port: 0, demo: true })).close();
  return dir;
}

/** Fills a folder with the demo workshop as a first start lays it out. */
export async function copyDemo(dataDir: string): Promise<void> {
  sown ??= sow();
  cpSync(await sown, dataDir, { recursive: true });
}
