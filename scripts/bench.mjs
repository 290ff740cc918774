// npm run bench: how long the work takes beside a fixed reference loop in the same run, as ratios; times
// alone say more about the machine.
import { benchField } from './bench-field.mjs';
import { benchShapes } from './bench-shapes.mjs';
import { found, printTable } from './bench-table.mjs';
import { buildAll } from './build.mjs';
import { benchFirstPaint } from './first-paint.mjs';
import { ensureInstalled } from './install.mjs';

await ensureInstalled();
await buildAll();
/** What of core is timed, from the doors that it is built into. */
const rooms = [
  'advice',
  'brief',
  'drills',
  'formats',
  'lib',
  'materials',
  'registry',
  'score',
  'service',
  'triage',
  'workshop',
];
const core = Object.fromEntries(
  await Promise.all(rooms.map(async room => [room, await import(`../packages/cli/dist/core/${room}.js`)])),
);

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

const REFERENCE = `a million roots and logarithms, ${reference.toFixed(1)} ms`;

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
const brief = core.brief.parseBrief(plain);
const printer = core.formats.parsePrinter({ format: 'hornblende-printer', version: 1, name: 'Bench' });
let n = 0;
const rows = [
  [
    're-rank every family for a changed brief',
    median(() => {
      sink += core.score.rank({ ...brief, lifeYears: 1 + (n++ % 20) }, { printer }).candidates.length;
    }),
    5,
  ],
  [
    'a year of 8760 hours for all families',
    median(() => {
      sink += core.registry.calculate('heat.year', {
        climate: 'desert',
        absorptivity: 0.3 + (n++ % 50) / 100,
      }).result.maxC;
    }, 11),
    250,
  ],
  [
    'read and validate a brief',
    median(() => {
      sink += core.brief.parseBrief(plain).lifeYears;
    }),
    5,
  ],
];
/** A library of five thousand grades, and the plain loops that do the same by hand. */
const grades = Array.from({ length: 5000 }, (_, i) =>
  core.materials.gradeFamily(
    core.materials.parseGrade({
      format: 'hornblende-grade',
      version: 1,
      key: `g-${i}`,
      name: `Grade ${i}`,
      family: core.materials.families[i % core.materials.families.length].key,
      sheet: { yieldMPa: 20 + (i % 60) },
    }),
  ),
);
const text = grades.map(g => `${g.name} ${g.key}`.toLowerCase());
const twice = (label, work, plain, limit) => {
  const a = median(work, 11);
  const b = median(plain, 11);
  found({
    what: label,
    value: a,
    beside: `a plain loop, ${b.toFixed(2)} ms`,
    ratio: a / b,
    wanted: limit,
    of: 'ratio',
  });
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
    sink += core.advice.contenders({ ...brief, lifeYears: 1 + (n++ % 20) }, grades, { printer }).length;
  },
  () => {
    let s = 0;
    for (const g of grades) s += core.score.judgeAll(brief, { printer, families: [g] }).candidates[0].score;
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
const cabinet = core.workshop.printerPresets.find(p => p.key === 'cabinet').profile;
const chance = core.lib.chance(1);
const full = () => {
  for (let k = 0; k < sample; k++)
    sink += core.score.judgeAll(brief, {
      printer: cabinet,
      families: core.materials.families.map(f => {
        const properties = { ...f.properties };
        for (const name of core.materials.propertyNames) {
          const p = properties[name];
          if (p)
            properties[name] = {
              ...p,
              typical: core.lib.triangular(chance.uniform(), p.low, p.typical, p.high),
            };
        }
        return { ...f, properties };
      }),
    }).candidates[0].score;
};
{
  const quick = median(() => {
    sink += core.score.robustness(brief, { printer: cabinet, draws }).candidates[0].pFirst;
  }, 3);
  const slow = (median(full, 3) * draws) / sample;
  found({
    what: `20 000 draws over ${core.materials.families.length} families`,
    value: quick,
    beside: `ranking each draw in full, ${slow.toFixed(0)} ms`,
    ratio: quick / slow,
    wanted: 0.05,
    of: 'ratio',
  });
}
{
  // How far the chance of being first is from seed to seed, beside that of as many independent draws.
  const seeds = Array.from({ length: 8 }, (_, seed) =>
    core.score.robustness(brief, { printer: cabinet, draws, seed }),
  );
  const leaders = seeds[0].candidates.slice(0, 3).map(c => c.material);
  const spread = leaders.map(key => {
    const shares = seeds.map(r => r.candidates.find(c => c.material === key).pFirst);
    const mean = shares.reduce((s, p) => s + p, 0) / shares.length;
    const variance = shares.reduce((s, p) => s + (p - mean) ** 2, 0) / (shares.length - 1);
    return { error: Math.sqrt(variance), independent: Math.sqrt((mean * (1 - mean)) / draws) };
  });
  const most = key => Math.max(...spread.map(s => s[key]));
  found({
    what: 'error of the chance to be first',
    value: 100 * most('error'),
    unit: '%',
    beside: `20 000 independent draws, ${(100 * most('independent')).toFixed(2)} %`,
    ratio: most('error') / most('independent'),
    wanted: 1.2,
    of: 'ratio',
  });
}
{
  const t = median(() => {
    sink += core.advice.tipping(brief, { printer: cabinet }).length;
  }, 3);
  found({ what: 'tipping points', value: t, beside: REFERENCE, ratio: t / reference });
}
{
  const times = core.drills.drillKinds.map(kind =>
    median(() => (sink += core.drills.makeDrill(n++, kind).right), 11),
  );
  const slowest = Math.max(...times);
  found({
    what: 'the slowest kind of drill, made',
    value: slowest,
    beside: REFERENCE,
    ratio: slowest / reference,
    wanted: 150,
  });
}
{
  const fault = core.formats.parseFault({
    format: 'hornblende-fault',
    version: 1,
    symptoms: ['corner-lift'],
  });
  const ranked = median(() => (sink += core.triage.triageRank(fault).causes.length));
  const likely = new Map(core.triage.triageRank(fault).causes.map(c => [c.id, c.probability]));
  const p = core.triage.causes.map(c => likely.get(c.id));
  const entropy = list => -list.reduce((s, x) => s + (x > 0 ? x * Math.log2(x) : 0), 0);
  const counted = median(() => {
    for (const t of core.triage.tellingTests)
      for (const yes of [true, false]) {
        const joint = core.triage.causes.map(
          (c, k) => p[k] * (yes ? core.triage.yesLikelihood(t, c) : 1 - core.triage.yesLikelihood(t, c)),
        );
        const total = joint.reduce((s, x) => s + x, 0);
        sink += total * entropy(joint.map(x => x / total));
      }
  });
  found({
    what: 'causes of a fault and the next test',
    value: ranked,
    beside: `counting each answer of each test out, ${counted.toFixed(2)} ms`,
    ratio: ranked / counted,
    wanted: 3,
    of: 'ratio',
  });
}
{
  const records = Array.from({ length: 5000 }, (_, k) => ({
    years: 0.1 + (k % 97) / 10,
    ended: k % 3 === 0,
    mode: k % 3 === 0 ? 'brittle' : null,
    soundYears: k % 3 === 0 ? 0.05 + (k % 97) / 12 : null,
  }));
  const t = median(() => (sink += core.service.serviceSurvival({ records, atYears: null }).failures), 3);
  found({
    what: 'survival of 5000 parts, with a Weibull',
    value: t,
    beside: REFERENCE,
    ratio: t / reference,
    wanted: 2000,
  });
}
{
  const printers = [{ id: 'a', printer: cabinet }];
  const t = median(
    () =>
      (sink += core.drills.ladder({ printers, prints: [], parts: [{ name: 'a', brief, printer: cabinet }] })
        .rungs.length),
    5,
  );
  found({
    what: 'the ladder of all families',
    value: t,
    beside: REFERENCE,
    ratio: t / reference,
    wanted: 300,
  });
}
for (const [what, ms, limit] of rows)
  found({ what, value: ms, beside: REFERENCE, ratio: ms / reference, wanted: limit });
const { startServer } = await import('../packages/cli/dist/server.js');
await benchFirstPaint(startServer);
await benchField();
await benchShapes();
printTable();
if (!Number.isFinite(sink)) process.exitCode = 1;
