// Input that nobody sends but by accident or malice, made from a seed.

const brief = {
  format: 'hornblende-brief',
  version: 1,
  name: 'Odd',
  lifeYears: 5,
  loads: [],
  heat: { setting: 'outdoors' },
};
const printer = {
  format: 'hornblende-printer',
  version: 1,
  name: 'Odd printer',
  nozzleMaxC: 260,
  plates: ['smooth-pei'],
};
const grade = {
  format: 'hornblende-grade',
  version: 1,
  key: 'odd',
  name: 'Odd',
  family: 'pla',
  sheet: { yieldMPa: 40 },
};
const spool = {
  format: 'hornblende-spool',
  version: 1,
  material: 'pla',
  events: [{ kind: 'weighed', at: '2026-01-01', grams: 100 }],
};

/** Every route with a body that would be right. */
export const routes = [
  { method: 'POST', path: '/parts', seedBody: { brief } },
  { method: 'PUT', path: '/parts/:part', seedBody: { brief, revision: 1 } },
  { method: 'POST', path: '/printers', seedBody: { profile: printer } },
  { method: 'POST', path: '/grades', seedBody: { grade } },
  { method: 'PUT', path: '/grades/odd', seedBody: { grade, revision: 1 } },
  { method: 'POST', path: '/grades/import', seedBody: { grades: [{ grade, revision: null }] } },
  { method: 'POST', path: '/spools', seedBody: { spool } },
  {
    method: 'PUT',
    path: '/workshop',
    seedBody: { format: 'hornblende-workshop', version: 1, currency: '£' },
  },
  { method: 'PUT', path: '/workshop/quotes/:part', seedBody: { each: 3 } },
  { method: 'POST', path: '/rank', seedBody: { brief, printer, school: 'weighted' } },
  {
    method: 'POST',
    path: '/calc/load.beam',
    seedBody: { case: 'cantilever', forceN: 30, lengthMm: 60, widthMm: 20, heightMm: 6, modulusMPa: 2000 },
  },
  {
    method: 'POST',
    path: '/calc/heat.surface',
    seedBody: { ambientC: 30, irradianceWm2: 900, absorptivity: 0.9 },
  },
  {
    method: 'POST',
    path: '/calc/warp.bow',
    seedBody: { alphaPerK: 9e-5, solidificationC: 105, bedC: 100, chamberC: 40, heightMm: 10, lengthMm: 150 },
  },
  { method: 'POST', path: '/calc/score.rank', seedBody: { brief, printer } },
  { method: 'POST', path: '/calc/constructor', seedBody: {} },
  { method: 'POST', path: '/parts/:decided/decisions/x/withdrawal', seedBody: { reason: 'No.', by: 'N.' } },
  { method: 'POST', path: '/archive/imports', seedBody: { id: 'x', conflicts: 'keep' } },
  { method: 'GET', path: '/parts?limit=0', seedBody: undefined },
  { method: 'GET', path: '/parts?after=bm90aGluZw', seedBody: undefined },
  { method: 'GET', path: '/parts/:decided/decisions/x/record.__proto__', seedBody: undefined },
  { method: 'GET', path: '/parts/:decided/decisions/x/record.constructor', seedBody: undefined },
  { method: 'GET', path: '/grades/export.__proto__', seedBody: undefined },
  { method: 'GET', path: '/families/constructor', seedBody: undefined },
];

const odd = [
  null,
  true,
  false,
  0,
  -1,
  -0,
  1e308,
  -1e308,
  1e-300,
  NaN,
  2 ** 53,
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '＝1+1',
  '\ud800',
  'x'.repeat(5000),
  '2026-02-30',
  '12,5',
  '1e5',
  'Infinity',
  [],
  {},
  [[]],
  [null],
  { constructor: 5 },
  { toString: 1 },
  { low: 5, high: 1 },
  'constructor',
  '__proto__',
  'toString',
];
const oddKeys = [
  'constructor',
  '__proto__',
  'prototype',
  'toString',
  'valueOf',
  'hasOwnProperty',
  '',
  ' ',
  'x',
  '0',
  '\u0000',
];

const pick = (list, random) => list[Math.floor(random() * list.length)];

/** A body as text: a right one with a few things wrong, or now and then none at all. */
export function bodyOf(right, random) {
  if (right === undefined) return undefined;
  const kind = random();
  if (kind < 0.02) return pick(['', '{', '[]', 'null', '"x"', '{"a":', '\u0000', '5'], random);
  if (kind < 0.04) return `{"brief":${'['.repeat(1500)}${']'.repeat(1500)}}`;
  if (kind < 0.06) return `${'{"a":'.repeat(1500)}1${'}'.repeat(1500)}`;
  const body = structuredClone(right);
  const changes = 1 + Math.floor(3 * random());
  for (let i = 0; i < changes; i++) change(body, random);
  return JSON.stringify(body)?.replaceAll('"__PROTO__"', '"__proto__"') ?? '';
}

function change(body, random) {
  let at = body;
  for (let depth = 0; depth < 3; depth++) {
    const keys = Object.keys(at).filter(k => typeof at[k] === 'object' && at[k] !== null);
    if (!keys.length || random() < 0.3) break;
    at = at[pick(keys, random)];
  }
  const keys = Object.keys(at);
  const key = random() < 0.25 || !keys.length ? pick(oddKeys, random) : pick(keys, random);
  const value = structuredClone(pick(odd, random));
  // An own key of that name, as JSON can hold it.
  if (key === '__proto__') at.__PROTO__ = value;
  else if (random() < 0.1) delete at[key];
  else at[key] = value;
}

/** Bytes of a file that is broken in some way. */
export function brokenFile(random) {
  const length = Math.floor(4000 * random() ** 2);
  const bytes = Buffer.from(Array.from({ length }, () => Math.floor(256 * random())));
  const kind = random();
  if (kind < 0.3) return bytes;
  if (kind < 0.6)
    return Buffer.concat([Buffer.from('PK\u0003\u0004\u0014\u0000\u0000\u0000\u0008\u0000'), bytes]);
  if (kind < 0.8) return Buffer.from(`{"grades":[${'{},'.repeat(length % 200)}{}]}`);
  return Buffer.from(`{"grades":[{"grade":{"name":"${bytes.toString('latin1').replace(/["\\]/g, '')}"`);
}
