// npm start: install what is missing, build what has changed, then serve with the demo on first run.
import { ensureInstalled } from './install.mjs';

const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Hornblende needs Node 20.19 or later; this is ${process.version}.`);
  process.exit(1);
}
await ensureInstalled();
const { buildAll } = await import('./build.mjs');
await buildAll();
const { main } = await import('../packages/cli/dist/cli.js');
process.exitCode = await main(['start', '--demo', ...process.argv.slice(2)]);
