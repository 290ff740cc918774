#!/usr/bin/env node
import { existsSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

// In a fresh checkout the command builds itself first; what the build says goes to standard error, so that --json
// stays clean. Tests, which have built, say so: looking through the sources takes as long as a small command.
const here = dirname(fileURLToPath(import.meta.url));
const builder = join(here, '../../../scripts/build.mjs');
const asksVersion = ['--version', '-V'].includes(process.argv[2]) && existsSync(join(here, '../dist/cli.js'));
if (!process.env.HORNBLENDE_BUILT && !asksVersion && existsSync(builder)) {
  const { buildPrograms } = await import(builder);
  await buildPrograms({ quiet: true });
}
const { main } = await import('../dist/cli.js');
process.exitCode = await main(process.argv.slice(2));
