import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf, root, stamp, stampIs } from './hash.mjs';

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
const manifests = [
  'package.json',
  'package-lock.json',
  ...['core', 'server', 'web', 'cli'].map(p => `packages/${p}/package.json`),
];

/** Installs the packages that the lock file names, when they are not there or it has changed. */
export function ensureInstalled() {
  const hash = `${hashOf(manifests)} ${process.version}`;
  if (existsSync(join(root, 'node_modules')) && stampIs('install', hash)) return;
  console.error('Installing packages (the database driver compiles, which takes about two minutes)…');
  execFileSync(npm, ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: ['ignore', 2, 2] });
  stamp('install', hash);
}
