// npm run bench: how long the work takes beside a fixed reference loop in the same run, as ratios; times alone say more about the machine.
import { buildLibraries } from './build.mjs';
import { ensureInstalled } from './install.mjs';

ensureInstalled();
buildLibraries({ quiet: true });
const core = await import('../packages/core/dist/index.js');

/** Median milliseconds of one call. */
function median(work, runs = 41) {
  for (let i = 0; i < 5; i++) work();
  const times = [];
  for (let i = 0; i < runs; i++) { const t = performance.now(); work(); times.push(performance.now() - t); }
  return times.sort((a, b) => a - b)[runs >> 1];
}

let sink = 0;
/** The yardstick: a million square roots and logarithms. */
const reference = median(() => { let s = 0; for (let i = 1; i <= 1e6; i++) s += Math.sqrt(i) * Math.log(i); sink += s; });

const plain = {
  format: 'hornblende-brief', version: 1, name: 'Bench', sun: 'full', water: 'rain', heat: { setting: 'outdoors' },
  loads: [{ kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 60, widthMm: 20, heightMm: 8 }, { kind: 'impact', case: 'drop', massKg: 0.3, heightM: 1, widthMm: 20, heightMm: 8 }],
};
const brief = core.parseBrief(plain);
const printer = core.parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Bench' });
let n = 0;
/** Thirty-six families: the shipped ones under further keys. */
const many = Array.from({ length: 36 }, (_, i) => { const f = core.families[i % core.families.length]; return { ...f, key: `${f.key}-${i}` }; });
const rows = [
  ['re-rank every family for a changed brief', median(() => { sink += core.rank({ ...brief, lifeYears: 1 + (n++ % 20) }, { printer }).candidates.length; }), 5],
  ['re-rank 36 families on a keystroke', median(() => { sink += core.rank({ ...brief, lifeYears: 1 + (n++ % 20) }, { printer, families: many }).candidates.length; }), 16],
  ['a year of 8760 hours for all families', median(() => { sink += core.calculate('heat.year', { climate: 'desert', absorptivity: 0.3 + (n++ % 50) / 100 }).result.maxC; }, 11), 250],
  ['read and validate a brief', median(() => { sink += core.parseBrief(plain).lifeYears; }), 5],
];
console.log(`reference loop: ${reference.toFixed(2)} ms (1e6 × sqrt·log)`);
for (const [what, ms, limit] of rows) console.log(`${what} (${core.families.length} families): ${ms.toFixed(2)} ms = ${(ms / reference).toFixed(2)} × reference; wanted under ${limit} ms`);
if (!Number.isFinite(sink)) process.exitCode = 1;
