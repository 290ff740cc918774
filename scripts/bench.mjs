// npm run bench: how long the work takes beside a fixed reference loop in the same run, as ratios; times
// alone say more about the machine.
import { benchShapes } from './bench-shapes.mjs';
import { buildAll } from './build.mjs';
import { benchFirstPaint } from './first-paint.mjs';
import { ensureInstalled } from './install.mjs';

ensureInstalled();
buildAll();
const core = await import('../packages/core/dist/index.js');

/** Median milliseconds of one call. */
function median(work, runs = 41) {
  for (let i = 0; i < 5; i++) work();
  const times = [];
  for (let i = 0; i < runs; i++) {
    const t = performance.now();
    work();
    times.push(performance.now() - t);
  }
  return times.sort((a, b) => a - b)[runs >> 1];
}

let sink = 0;
/** The yardstick: a million square roots and logarithms. */
const reference = median(() => {
  let s = 0;
  for (let i = 1; i <= 1e6; i++) s += Math.sqrt(i) * Math.log(i);
  sink += s;
});

const plain = {
  format: 'hornblende-brief',
  version: 1,
  name: 'Bench',
  sun: 'full',
  water: 'rain',
  heat: { setting: 'outdoors' },
  loads: [
    { kind: 'sustained', case: 'cantilever', forceN: 8, lengthMm: 60, widthMm: 20, heightMm: 8 },
    { kind: 'impact', case: 'drop', massKg: 0.3, heightM: 1, widthMm: 20, heightMm: 8 },
  ],
};
const brief = core.parseBrief(plain);
const printer = core.parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Bench' });
let n = 0;
const rows = [
  [
    're-rank every family for a changed brief',
    median(() => {
      sink += core.rank({ ...brief, lifeYears: 1 + (n++ % 20) }, { printer }).candidates.length;
    }),
    5,
  ],
  [
    'a year of 8760 hours for all families',
    median(() => {
      sink += core.calculate('heat.year', { climate: 'desert', absorptivity: 0.3 + (n++ % 50) / 100 }).result
        .maxC;
    }, 11),
    250,
  ],
  [
    'read and validate a brief',
    median(() => {
      sink += core.parseBrief(plain).lifeYears;
    }),
    5,
  ],
];
/** A library of five thousand grades, and the plain loops that do the same by hand. */
const grades = Array.from({ length: 5000 }, (_, i) =>
  core.gradeFamily(
    core.parseGrade({
      format: 'hornblende-grade',
      version: 1,
      key: `g-${i}`,
      name: `Grade ${i}`,
      family: core.families[i % core.families.length].key,
      sheet: { yieldMPa: 20 + (i % 60) },
    }),
  ),
);
const text = grades.map(g => `${g.name} ${g.key}`.toLowerCase());
const twice = (label, work, plain, limit) => {
  const a = median(work, 11);
  const b = median(plain, 11);
  console.log(
    `${label}: ${a.toFixed(2)} ms = ${(a / b).toFixed(2)} × a plain loop (${b.toFixed(2)} ms); wanted under ${limit} ×`,
  );
};
twice(
  'search 5000 grades',
  () => {
    sink += grades.filter(f => `${f.name} ${f.key}`.toLowerCase().includes('99')).length;
  },
  () => {
    let k = 0;
    for (const t of text) if (t.includes('99')) k++;
    sink += k;
  },
  40,
);
twice(
  'sort 5000 grades by a property',
  () => {
    sink += [...grades].sort((a, b) => a.properties.yieldMPa.typical - b.properties.yieldMPa.typical)[0]
      .properties.yieldMPa.typical;
  },
  () => {
    sink += Float64Array.from(grades, g => g.properties.yieldMPa.typical).sort()[0];
  },
  12,
);
twice(
  'pick the grades that take part out of 5000',
  () => {
    sink += core.contenders({ ...brief, lifeYears: 1 + (n++ % 20) }, grades, { printer }).length;
  },
  () => {
    let s = 0;
    for (const g of grades) s += core.judgeAll(brief, { printer, families: [g] }).candidates[0].score;
    sink += s;
  },
  2,
);
/**
 * The same draws judged in full, which is what a ranking per draw would cost; some, for all of them would
 * take minutes.
 */
const draws = 20_000;
const sample = 60;
const cabinet = core.printerPresets.find(p => p.key === 'cabinet').profile;
const chance = core.chance(1);
const full = () => {
  for (let k = 0; k < sample; k++)
    sink += core.judgeAll(brief, {
      printer: cabinet,
      families: core.families.map(f => {
        const properties = { ...f.properties };
        for (const name of core.propertyNames) {
          const p = properties[name];
          if (p)
            properties[name] = { ...p, typical: core.triangular(chance.uniform(), p.low, p.typical, p.high) };
        }
        return { ...f, properties };
      }),
    }).candidates[0].score;
};
{
  const quick = median(() => {
    sink += core.robustness(brief, { printer: cabinet, draws }).candidates[0].pFirst;
  }, 3);
  const slow = (median(full, 3) * draws) / sample;
  console.log(
    `20 000 draws over ${core.families.length} families: ${quick.toFixed(0)} ms = ` +
      `${(quick / reference).toFixed(1)} × reference, ${(quick / slow).toFixed(4)} × ranking each draw ` +
      'in full; wanted under 0.05 ×',
  );
}
{
  const t = median(() => {
    sink += core.tipping(brief, { printer: cabinet }).length;
  }, 3);
  console.log(`tipping points: ${t.toFixed(0)} ms = ${(t / reference).toFixed(1)} × reference`);
}
console.log(`reference loop: ${reference.toFixed(2)} ms (1e6 × sqrt·log)`);
for (const [what, ms, limit] of rows)
  console.log(
    `${what} (${core.families.length} families): ${ms.toFixed(2)} ms = ` +
      `${(ms / reference).toFixed(2)} × reference; wanted under ${limit} ms`,
  );
const { startServer } = await import('../packages/server/dist/index.js');
await benchFirstPaint(startServer);
await benchShapes();
if (!Number.isFinite(sink)) process.exitCode = 1;
