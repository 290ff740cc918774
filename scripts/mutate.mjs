import { spawn } from 'node:child_process';
import { once } from 'node:events';
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { basename, join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { placesOf, withSwitches } from './mutation/places.mjs';
import { seeded } from './seeded.mjs';

// Changes one operator or number in each of many random places of core's models, gates and criteria, in a copy, and
// runs the tests that reach it: how many of the changes are noticed? What is not noticed is listed.
//   npm run mutate -- --places 200 --seed 1

const root = join(import.meta.dirname, '..');
const { values } = parseArgs({
  options: { places: { type: 'string', default: '200' }, seed: { type: 'string', default: '1' } },
});
const [count, seed] = [Number(values.places), Number(values.seed)];
if (!(count > 0 && Number.isInteger(seed))) {
  console.error(
    `--places must be above 0 and --seed a whole number, not ${values.places} and ${values.seed}`,
  );
  process.exit(2);
}
const SOURCES = ['models', 'score'].map(folder => `packages/core/src/${folder}`);
/** Changes that are tried at the same time. */
const AT_ONCE = Math.min(4, availableParallelism());
/** A change under which the tests go on for longer never ends, ms. */
const ENDS_AFTER_MS = 15 * 60_000;
/** What only makes sentences: a number in them is a matter of wording. */
const WORDS = /sentences|explain|cautions|working|shown/;

const copy = mkdtempSync(join(tmpdir(), 'hornblende-mutation-'));
/** Which test file reaches which places, and how long it takes. */
const log = join(copy, 'reached.jsonl');
process.on('exit', () => rmSync(copy, { recursive: true, force: true }));
process.on('SIGINT', () => process.exit(130));
const places = prepared();
console.log(`${places.length} places; which tests reach them?`);
const reaching = await testsThatReach();
let noticed = 0;
const missed = [];
const waiting = [...places];
await Promise.all(Array.from({ length: AT_ONCE }, tryThem));
console.log(
  `\n${noticed} of ${places.length} changes noticed (${Math.round((100 * noticed) / places.length)} of 100)`,
);
for (const place of missed) console.log(`missed by ${place.tests} test files: ${described(place)}`);

/** Tries one change after another, until none is left. */
async function tryThem() {
  for (let place = waiting.shift(); place; place = waiting.shift()) {
    const tests = reaching.get(place.id) ?? [];
    const env = { HORNBLENDE_MUTANT: String(place.id), HORNBLENDE_REACHED_BEFORE: log };
    const found = tests.length > 0 && !(await passes(tests, env));
    if (found) noticed++;
    else missed.push({ ...place, tests: tests.length });
    console.log(
      `${noticed + missed.length}/${places.length} ${found ? 'noticed' : 'MISSED '} ${described(place)}`,
    );
  }
}

/** Draws the places and lays out the copy, with a switch at each. */
function prepared() {
  const paths = SOURCES.flatMap(folder =>
    readdirSync(join(root, folder), { recursive: true }).map(name => join(folder, name)),
  ).filter(path => path.endsWith('.ts') && !WORDS.test(path));
  const random = seeded(seed);
  const all = paths.sort().flatMap(p => placesOf(p, readFileSync(join(root, p), 'utf8')));
  const chosen = [];
  while (chosen.length < count && all.length) {
    const [place] = all.splice(Math.floor(random() * all.length), 1);
    const overlaps = chosen.some(c => c.path === place.path && c.start < place.end && place.start < c.end);
    if (!overlaps) chosen.push({ ...place, id: chosen.length });
  }
  const left = new Set(['.git', 'node_modules', 'dist', 'web', 'screenshots']);
  cpSync(root, copy, { recursive: true, filter: from => !left.has(basename(from)) });
  for (const at of ['node_modules', 'packages/core/node_modules'])
    if (existsSync(join(root, at))) symlinkSync(join(root, at), join(copy, at));
  for (const path of new Set(chosen.map(c => c.path))) {
    const own = chosen.filter(c => c.path === path);
    writeFileSync(join(copy, path), withSwitches(readFileSync(join(root, path), 'utf8'), own));
  }
  writeFileSync(
    join(copy, 'vitest.config.mjs'),
    `import { QuickestFirst } from './scripts/mutation/quickest-first.mjs';
     export default { test: { include: ['packages/core/test/**/*.test.ts'],
       maxWorkers: process.env.HORNBLENDE_MUTANT ? 1 : ${AT_ONCE},
       testTimeout: 900000, hookTimeout: 900000,
       setupFiles: ['packages/core/test/fixed-seed.ts', 'scripts/mutation/setup.mjs'],
       experimental: { fsModuleCache: true },
       sequence: process.env.HORNBLENDE_MUTANT ? { sequencer: QuickestFirst } : {} } };`,
  );
  rmSync(join(copy, 'vitest.config.ts'));
  return chosen;
}

/** One run of all tests: which test files reach which place. The unchanged copy has to pass. */
async function testsThatReach() {
  if (!(await passes([], { HORNBLENDE_REACHED: log })))
    throw new Error('the tests fail before anything is changed');
  const reached = new Map();
  for (const line of readFileSync(log, 'utf8').trim().split('\n')) {
    const { file, ids } = JSON.parse(line);
    for (const id of ids) reached.set(id, [...(reached.get(id) ?? []), relative(copy, file)]);
  }
  return reached;
}

/** Runs test files in the copy, to the first that fails. */
async function passes(files, env) {
  const isolated = env.HORNBLENDE_REACHED ? [] : ['--no-isolate', '--bail', '1'];
  const vitest = join(root, 'node_modules/vitest/vitest.mjs');
  // Threads end with their process: a change that makes a test go on for ever is ended, and has been noticed.
  const run = spawn(process.execPath, [vitest, 'run', '--pool', 'threads', ...isolated, ...files], {
    timeout: env.HORNBLENDE_REACHED ? undefined : ENDS_AFTER_MS,
    killSignal: 'SIGKILL',
    cwd: copy,
    env: { ...process.env, ...env },
  });
  let said = '';
  for (const stream of [run.stdout, run.stderr])
    stream.setEncoding('utf8').on('data', part => (said += part));
  const [status] = await once(run, 'close');
  if (status !== 0 && env.HORNBLENDE_REACHED) console.error(said.match(/^.*(FAIL|Error:).*$/gm)?.join('\n'));
  return status === 0;
}

function described({ path, line, was, becomes }) {
  const short = text => text.replace(/\s+/g, ' ').slice(0, 70);
  return `${relative('packages/core/src', path)}:${line}  ${short(was)}  →  ${short(becomes)}`;
}
