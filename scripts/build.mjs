import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { hashOf, root, stamp, stampIs } from './hash.mjs';

const node = process.execPath;
const libraries = ['core', 'server', 'cli']
  .flatMap(p => [`packages/${p}/src`, `packages/${p}/tsconfig.json`, `packages/${p}/package.json`])
  .concat('tsconfig.base.json', 'tsconfig.json', 'package-lock.json');
const web = ['packages/web', 'packages/core/src', 'docs/guide.md', 'tsconfig.base.json', 'package-lock.json'];

function run(tool, args) {
  execFileSync(node, [join(root, 'node_modules', tool), ...args], { cwd: root, stdio: ['ignore', 2, 2] });
}

/** Compiles core, server and command line, when their sources have changed. */
export function buildLibraries({ quiet = false } = {}) {
  const hash = hashOf(libraries);
  if (existsSync(join(root, 'packages/cli/dist/main.js')) && stampIs('libraries', hash)) return;
  if (!quiet) console.error('Compiling core, server and command line…');
  run('typescript/bin/tsc', ['-b']);
  stamp('libraries', hash);
}

/** Builds the web application, when its sources have changed. */
export function buildWeb() {
  const hash = hashOf(web);
  if (existsSync(join(root, 'packages/web/dist/index.html')) && stampIs('web', hash)) return;
  console.error('Building the web application…');
  run('vite/bin/vite.js', ['build', 'packages/web', '--logLevel', 'warn']);
  stamp('web', hash);
}

/** Builds everything that has changed. */
export function buildAll() {
  buildLibraries();
  buildWeb();
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) buildAll();
