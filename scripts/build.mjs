import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { hashOf, root, stamp, stampIs } from './hash.mjs';

const sources = ['core', 'server', 'cli']
  .flatMap(p => [`packages/${p}/src`, `packages/${p}/package.json`])
  .concat('scripts/bundle.mjs', 'tsconfig.base.json', 'package-lock.json');
const web = [
  'packages/web',
  'packages/core/src',
  'docs/guide.md',
  'docs/screenshots',
  'tsconfig.base.json',
  'package-lock.json',
];

/** Bundles core, server and command line, when their sources have changed. */
export async function buildPrograms({ quiet = false } = {}) {
  const hash = hashOf(sources);
  if (existsSync(join(root, 'packages/cli/dist/cli.js')) && stampIs('programs', hash)) return;
  if (!quiet) console.error('Building core, server and command line…');
  const { bundle } = await import('./bundle.mjs');
  await bundle(hash);
  stamp('programs', hash);
}

/** Builds the web application, when its sources have changed. */
export function buildWeb() {
  const hash = hashOf(web);
  if (existsSync(join(root, 'packages/web/dist/index.html')) && stampIs('web', hash)) return;
  console.error('Building the web application…');
  const vite = join(root, 'node_modules/vite/bin/vite.js');
  execFileSync(
    process.execPath,
    [vite, 'build', 'packages/web', '--configLoader', 'runner', '--logLevel', 'warn'],
    {
      cwd: root,
      stdio: ['ignore', 2, 2],
    },
  );
  stamp('web', hash);
}

/** Builds everything that has changed. */
export async function buildAll() {
  await buildPrograms();
  buildWeb();
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await buildAll();
