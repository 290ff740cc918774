// npm test: install what is missing, build what has changed, then unit, API, command-line and browser tests.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './hash.mjs';
import { ensureInstalled } from './install.mjs';

await ensureInstalled();
const { buildAll } = await import('./build.mjs');
await buildAll();
const { findChromium } = await import('./chromium.mjs');

const cache = join(root, '.cache');
mkdirSync(cache, { recursive: true });
const [unitReport, browserReport] = [join(cache, 'vitest.json'), join(cache, 'playwright.json')];
for (const file of [unitReport, browserReport]) rmSync(file, { force: true });

const run = (tool, args, env = {}) =>
  spawnSync(process.execPath, [join(root, 'node_modules', tool), ...args], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, HORNBLENDE_BUILT: '1', ...env },
  }).status ?? 1;
const read = file => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

let failedRuns = 0;
if (
  run(
    'vitest/vitest.mjs',
    ['run', '--reporter=default', '--reporter=json', `--outputFile.json=${unitReport}`],
    // What is compared with a file that is not there fails, rather than writing one that nobody looked at.
    { CI: '1' },
  ) !== 0
)
  failedRuns++;
const chromium = findChromium();
if (chromium === null || run('@playwright/test/cli.js', ['test'], { CHROMIUM_PATH: chromium }) !== 0)
  failedRuns++;

const unit = read(unitReport);
const browser = read(browserReport);
const passed = (unit?.numPassedTests ?? 0) + (browser?.stats.expected ?? 0);
// A run that failed without counting a failed test (a crash, no browser) still counts as one.
const counted = (unit?.numFailedTests ?? 0) + (browser?.stats.unexpected ?? 0);
const failed = Math.max(counted, failedRuns);
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 || passed === 0 ? 1 : 0;
