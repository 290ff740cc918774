import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The checkout's root. */
export const root = resolve(dirname(fileURLToPath(import.meta.url)), '..');

function* filesUnder(path) {
  if (!existsSync(path)) return;
  if (statSync(path).isFile()) {
    yield path;
    return;
  }
  for (const name of readdirSync(path).sort())
    if (name !== 'node_modules' && name !== 'dist') yield* filesUnder(join(path, name));
}

/** A hash over the names and contents of files and folders, relative to the root. */
export function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const file of filesUnder(join(root, path)))
      hash.update(file.slice(root.length)).update('\0').update(readFileSync(file)).update('\0');
  return hash.digest('hex');
}

/** Whether a stamp says that this hash was already dealt with. */
export function stampIs(name, hash) {
  const file = join(root, '.cache', name);
  return existsSync(file) && readFileSync(file, 'utf8') === hash;
}

/** Remembers a hash. */
export function stamp(name, hash) {
  mkdirSync(join(root, '.cache'), { recursive: true });
  writeFileSync(join(root, '.cache', name), hash);
}
