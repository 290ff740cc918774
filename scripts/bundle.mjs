// The sources of core, server, threads and command line as a few files, in which what is alike stands once. Loading
// five hundred modules one by one takes ten times as long.
import { copyFileSync, existsSync, readdirSync, rmSync } from 'node:fs';
import { basename, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { rolldown } from 'rolldown';
import { root } from './hash.mjs';

/** Where the bundle goes. */
export const bundleFolder = join(root, 'packages/cli/dist');

const core = join(root, 'packages/core/src');

/** Core's doors by their names: each room's index, and what stands beside the rooms. */
function coreEntries() {
  const rooms = readdirSync(core).filter(name => existsSync(join(core, name, 'index.ts')));
  const doors = rooms.map(room => [`core/${room}`, join(core, room, 'index.ts')]);
  const single = ['formats', 'palette', 'registry', 'tables', 'units'];
  doors.push(...single.map(name => [`core/${name}`, join(core, `${name}.ts`)]));
  doors.push(['core/weather', join(core, 'climate/weather-files.ts')]);
  return Object.fromEntries(doors);
}

const entries = {
  cli: join(root, 'packages/cli/src/main.ts'),
  server: join(root, 'packages/server/src/index.ts'),
  thread: join(root, 'packages/server/src/jobs/worker.ts'),
  ...coreEntries(),
};

/** What stays outside: native code, and what finds its own files beside itself. */
const external = [/^node:/, 'better-sqlite3', 'knex', 'piscina', 'manifold-3d'];

/** How sources are put together, whichever they are. */
const options = {
  cwd: root,
  platform: 'node',
  external,
  tsconfig: join(root, 'tsconfig.base.json'),
  // Its ES modules, of which only the checks that are used are taken.
  resolve: { alias: { 'class-validator': join(root, 'node_modules/class-validator/esm5/index.js') } },
  logLevel: 'warn',
};

/** Writes the bundle anew. @param build what names this state of the sources */
export async function bundle(build) {
  rmSync(bundleFolder, { recursive: true, force: true });
  const built = await rolldown({
    ...options,
    input: entries,
    transform: { define: { HORNBLENDE_BUILD: JSON.stringify(build) } },
  });
  await built.write({
    dir: bundleFolder,
    format: 'esm',
    sourcemap: true,
    entryFileNames: '[name].js',
    chunkFileNames: 'part-[name].js',
  });
  await built.close();
  copyFileSync(
    join(root, 'packages/server/src/jobs/thread-entry.cjs'),
    join(bundleFolder, 'thread-entry.cjs'),
  );
}

/** What a source file exports, for a script that needs it: such as how a record's checksum is made. */
export async function fromSource(path) {
  const built = await rolldown({ ...options, input: join(root, path) });
  // Below the packages, where what stays outside is found.
  const file = join(root, 'node_modules/.cache/hornblende', basename(path, '.ts'), 'index.mjs');
  await built.write({ file, format: 'esm', codeSplitting: false });
  await built.close();
  return import(pathToFileURL(file).href);
}
