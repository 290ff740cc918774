import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { pathToFileURL } from 'node:url';
import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';
import { copyDemo } from './sown.js';

// Short runs of `npm run torture fuzz`, `power`, `flips` and `restoring`, by the same scripts.

interface OddInput {
  routes: { method: string; path: string; seedBody: unknown }[];
  bodyOf: (right: unknown, random: () => number) => string | undefined;
  brokenFile: (random: () => number) => Buffer;
}
const scripts = resolve(import.meta.dirname, '../../../scripts');
const { routes, bodyOf, brokenFile } = (await import(
  pathToFileURL(`${scripts}/torture/odd-input.mjs`).href
)) as OddInput;
const { seeded } = (await import(pathToFileURL(`${scripts}/seeded.mjs`).href)) as {
  seeded: (seed: number) => () => number;
};

const { flipped } = (await import(pathToFileURL(`${scripts}/torture/flips.mjs`).href)) as {
  flipped: (
    workshop: string,
    count: number,
    random: () => number,
  ) => Promise<{ told: number; broke: string[] }>;
};
const { killedRestores } = (await import(pathToFileURL(`${scripts}/torture/restoring.mjs`).href)) as {
  killedRestores: (each: number) => Promise<{ kills: number; left: string[]; broke: string[] }>;
};

type Send = (method: string, path: string, body: object) => Promise<unknown>;
const { powerCuts } = (await import(pathToFileURL(`${scripts}/torture/power.mjs`).href)) as {
  powerCuts: (
    call: Send,
    dataDir: string,
    how: { writes: number; cuts: number; random: () => number },
  ) => Promise<{ states: number; broke: string[] }>;
};

const { call, server, dataDir } = runningApi();

describe('odd input', () => {
  it('is refused in words: never a 5xx, never something half written', async () => {
    const random = seeded(7);
    const part = String((await call('POST', '/api/parts', { brief: brief() })).body.id);
    const told: string[] = [];
    for (let i = 0; i < 400; i++) {
      const { method, path, seedBody } = routes[i % routes.length]!;
      const at = `/api${path.replace(/:part|:decided/, part)}`;
      const body = bodyOf(seedBody, random);
      const { status } = await call(method, at, undefined, method === 'GET' ? undefined : body);
      if (status >= 500) told.push(`${status} ${method} ${at} ${body?.slice(0, 200)}`);
    }
    for (let i = 0; i < 40; i++)
      for (const path of ['/api/grades/import', '/api/archive/previews']) {
        const answer = await fetch(server().url + path, {
          method: 'POST',
          body: new Uint8Array(brokenFile(random)),
        });
        if (answer.status >= 500) told.push(`${answer.status} ${path}`);
      }
    expect(told).toEqual([]);
    expect((await call('GET', '/api/backups/verify')).body).toMatchObject({ ok: true, problems: [] });
  });

  it('names of the object’s own prototype are refused by name, wherever they stand', async () => {
    const problems = async (path: string, raw: string): Promise<string[]> =>
      ((await call('POST', path, undefined, raw)).body.errors ?? []).map(e => `${e.field} ${e.message}`);
    const head = '"format":"hornblende-grade","version":1,"key":"k","name":"K","family":"pla"';
    expect(await problems('/api/grades', `{"grade":{${head},"sheet":{"constructor":5}}}`)).toEqual([
      'grade.sheet.constructor is not a name that a field may have',
    ]);
    expect(await problems('/api/grades', `{"grade":{${head},"sheet":{"__proto__":5}}}`)).toEqual([
      'grade.sheet.__proto__ is not a name that a field may have',
    ]);
    expect(await problems('/api/calc/load.beam', '{"constructor":{"x":1},"case":"tension"}')).toContain(
      'constructor is not a name that a field may have',
    );
    expect(await problems('/api/parts', `{"brief":${'{"a":'.repeat(1500)}1${'}'.repeat(1500)}}`)).toEqual([
      expect.stringContaining('must not nest more than'),
    ]);
    expect(await problems('/api/grades', '{"grade":{"name":"\\u0000"}}')).toEqual([
      expect.stringContaining('must not hold a NUL character'),
    ]);
    expect(await problems('/api/grades', `{"grade":{${head.replace('"K"', '"   "')}}}`)).toEqual([
      expect.stringMatching(/^grade\.name must be/),
    ]);
    // However deep, an answer comes, and from every route that takes a body.
    const deep = `${'{"a":'.repeat(3000)}1${'}'.repeat(3000)}`;
    for (const path of [
      '/api/rank',
      '/api/calc/load.beam',
      '/api/drills/answers/x',
      '/api/parts/x/decisions',
    ])
      expect(
        (await call(path.includes('answers') ? 'PUT' : 'POST', path, undefined, deep)).status,
        path,
      ).toBe(400);
    expect(await problems('/api/rank', '[1,{"constructor":5}]')).toEqual([
      '[1].constructor is not a name that a field may have',
    ]);
    const odd = '{"format":"hornblende-brief","version":1,"name":"x","weights":{"valueOf":3}}';
    expect(await problems('/api/parts', `{"brief":${odd}}`)).toEqual([
      'brief.weights.valueOf is not a name that a field may have',
    ]);
    // What is told back of a long value is short.
    const long = await call('POST', '/api/grades', { grade: { format: 'x'.repeat(100_000) } });
    expect(JSON.stringify(long.body).length).toBeLessThan(3000);
  });
});

describe('a power cut while the workshop is written to', () => {
  it('leaves it as it stood before the write or after it', async () => {
    const send: Send = async (method, path, body) => {
      const answer = await call(method, `/api${path}`, body);
      expect(answer.status, JSON.stringify(answer.body)).toBeLessThan(300);
      return answer.body;
    };
    const { states, broke } = await powerCuts(send, dataDir, { writes: 15, cuts: 4, random: seeded(5) });
    expect(broke).toEqual([]);
    expect(states).toBeGreaterThanOrEqual(60);
  });
  it('is told where what was acknowledged is not on the disk', async () => {
    const forgets: Send = () => Promise.resolve({ id: 'x', revision: 1 });
    const { broke } = await powerCuts(forgets, dataDir, { writes: 3, cuts: 1, random: seeded(5) });
    expect(broke).toEqual([0, 1, 2].map(n => `write ${n}: acknowledged, and not on the disk`));
  });
});

describe('a bit that turns over', () => {
  it('is told by a check, or changes nothing that is told', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'hornblende-flips-'));
    await copyDemo(dir);
    const { told, broke } = await flipped(join(dir, 'hornblende.db'), 24, seeded(3));
    rmSync(dir, { recursive: true, force: true });
    expect(broke).toEqual([]);
    // Most of the file is records: a check that says nothing of them reads nothing.
    expect(told).toBeGreaterThan(12);
  });
});

describe('a restore that is killed on its way', () => {
  it('leaves the workshop from before or the restored one, whole', async () => {
    const { kills, left, broke } = await killedRestores(5);
    expect(broke).toEqual([]);
    expect(kills).toBeGreaterThan(3);
    expect(left).toContain('Old');
  });
});

describe('pages', () => {
  it('follow each other by the header, each row once, in a stable order', async () => {
    for (let i = 0; i < 12; i++) await call('POST', '/api/parts', { brief: brief({ name: `Page ${i}` }) });
    const seen: string[] = [];
    let path: string | null = '/api/parts?limit=5';
    let pages = 0;
    while (path !== null) {
      const page: Awaited<ReturnType<typeof call>> = await call('GET', path);
      seen.push(...(page.body as unknown as { id: string }[]).map(p => p.id));
      path = /<([^>]+)>; rel="next"/.exec(page.headers.get('link') ?? '')?.[1] ?? null;
      pages++;
    }
    const whole = (await call('GET', '/api/parts?limit=1000')).body as unknown as { id: string }[];
    expect(pages).toBe(Math.ceil(whole.length / 5));
    expect(seen).toEqual(whole.map(p => p.id));
  });

  it('refuse a limit and a cursor that none gave', async () => {
    const field = async (query: string): Promise<string | undefined> =>
      (await call('GET', `/api/parts?${query}`)).body.errors?.[0]?.field;
    expect(await field('limit=0')).toBe('limit');
    expect(await field('limit=1001')).toBe('limit');
    expect(await field('limit=x')).toBe('limit');
    expect(await field('after=nonsense')).toBe('after');
    expect(await field('after=WzFd')).toBe('after');
    expect(await field('after=a&after=b')).toBe('after');
  });
});
