import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { hashOf, root, stamp, stampIs } from './hash.mjs';

const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';
const manifests = [
  'package.json',
  'package-lock.json',
  ...['core', 'server', 'web', 'cli'].map(p => `packages/${p}/package.json`),
];
/** How often it is said that the installation goes on, ms. */
const WORD_MS = 10_000;

/** Installs the packages that the lock file names, when they are not there or it has changed. */
export async function ensureInstalled() {
  const hash = `${hashOf(manifests)} ${process.version}`;
  if (existsSync(join(root, 'node_modules')) && stampIs('install', hash)) return;
  if (!isInstalled()) await install();
  stamp('install', hash);
}

/** Whether everything that the lock file asks for is there, as npm itself noted it, and the database driver runs. */
function isInstalled() {
  const noted = join(root, 'node_modules/.package-lock.json');
  if (!existsSync(noted)) return false;
  const wanted = packagesOf(join(root, 'package-lock.json'));
  const there = packagesOf(noted);
  const missing = Object.entries(wanted).some(([path, want]) => {
    if (!path.startsWith('node_modules/') || want.link) return false;
    const has = there[path];
    // Packages for other systems are left out.
    return has ? has.version !== want.version : !want.optional && !want.devOptional;
  });
  return !missing && driverRuns();
}

function packagesOf(lockFile) {
  return JSON.parse(readFileSync(lockFile, 'utf8')).packages ?? {};
}

/** The driver is native code, compiled for one version of Node. */
function driverRuns() {
  const opens = "new (require('better-sqlite3'))(':memory:').close()";
  return spawnSync(process.execPath, ['-e', opens], { cwd: root, stdio: 'ignore' }).status === 0;
}

function install() {
  console.error('Installing packages; the database driver compiles, which takes about two minutes…');
  const begun = Date.now();
  const going = setInterval(() => {
    console.error(`  still installing, ${Math.round((Date.now() - begun) / 1000)} s`);
  }, WORD_MS);
  return new Promise((resolve, reject) => {
    const child = spawn(npm, ['ci', '--no-audit', '--no-fund'], { cwd: root, stdio: ['ignore', 2, 2] });
    child.once('error', reject);
    child.once('exit', code =>
      code === 0 ? resolve() : reject(new Error('The packages could not be installed.')),
    );
  }).finally(() => clearInterval(going));
}
