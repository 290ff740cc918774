import { closeSync, fsyncSync, mkdirSync, openSync, renameSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

/** Writes a file whole or not at all. @param mode who may read it; default whoever the process lets */
export function writeWhole(path: string, bytes: Uint8Array, mode?: number): void {
  mkdirSync(dirname(path), { recursive: true });
  const part = `${path}.${process.pid}.part`;
  writeFileSync(part, bytes, { flush: true, ...(mode === undefined ? {} : { mode }) });
  renameSync(part, path);
}

/** Waits until a file, or what a folder lists, is on the disk. Folders cannot be synced everywhere. */
export function syncPath(path: string): void {
  let handle: number | null = null;
  try {
    handle = openSync(path, 'r');
    fsyncSync(handle);
  } catch (e) {
    const { code } = e as { code?: string };
    if (code !== 'EISDIR' && code !== 'EPERM' && code !== 'EINVAL' && code !== 'EACCES') throw e;
  } finally {
    if (handle !== null) closeSync(handle);
  }
}
