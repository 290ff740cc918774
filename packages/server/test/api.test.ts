import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { premisedCandidates, rank, type DecisionRecord } from '@hornblende/core';
import { openDatabase, startServer, type Running } from '../src/index.js';

const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-api-'));
let server: Running;
beforeAll(async () => {
  server = await startServer({ dataDir, port: 0 });
});
afterAll(async () => {
  await server.close();
  rmSync(dataDir, { recursive: true, force: true });
});

type Body = Record<string, unknown> & { errors?: { field: string; value: unknown; message: string }[] };
async function call(
  method: string,
  path: string,
  body?: unknown,
  raw?: string,
): Promise<{ status: number; body: Body; headers: Headers }> {
  const response = await fetch(server.url + path, {
    method,
    ...(body === undefined && raw === undefined
      ? {}
      : { headers: { 'Content-Type': 'application/json' }, body: raw ?? JSON.stringify(body) }),
  });
  const text = await response.text();
  return {
    status: response.status,
    body: (text.startsWith('{') || text.startsWith('[') ? JSON.parse(text) : { text }) as Body,
    headers: response.headers,
  };
}
const brief = (fields: object = {}): object => ({
  format: 'hornblende-brief',
  version: 1,
  name: 'Bracket',
  ...fields,
});
const printer = (fields: object = {}): object => ({
  format: 'hornblende-printer',
  version: 1,
  name: 'Machine',
  ...fields,
});
/** A request with headers that fetch would not let through. */
function withHeaders(headers: Record<string, string>): Promise<number> {
  return new Promise((ok, fail) => {
    const req = request({ host: '127.0.0.1', port: server.port, path: '/api/health', headers }, res => {
      res.resume();
      ok(res.statusCode ?? 0);
    });
    req.once('error', fail);
    req.end();
  });
}

describe('parts', () => {
  it('are created, read, changed and put away', async () => {
    const made = await call('POST', '/api/parts', { brief: brief() });
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ name: 'Bracket', revision: 1, brief: { lifeYears: 5 } });
    const id = String(made.body.id);
    const saved = await call('PUT', `/api/parts/${id}`, {
      brief: brief({ name: 'Bracket two', lifeYears: 8 }),
      revision: 1,
    });
    expect(saved.body).toMatchObject({ name: 'Bracket two', revision: 2, brief: { lifeYears: 8 } });
    await call('PUT', `/api/parts/${id}`, { brief: brief(), revision: 2, archived: true });
    expect((await call('GET', '/api/parts')).body).not.toContainEqual(expect.objectContaining({ id }));
    expect((await call('GET', '/api/parts?archived=true')).body).toContainEqual(
      expect.objectContaining({ id }),
    );
  });

  it('refuse a stale write and give the current part', async () => {
    const id = String((await call('POST', '/api/parts', { brief: brief() })).body.id);
    await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 6 }), revision: 1 });
    const stale = await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 9 }), revision: 1 });
    expect(stale.status).toBe(409);
    expect(stale.body).toMatchObject({
      errors: [{ field: 'revision', value: 1 }],
      current: { revision: 2, brief: { lifeYears: 6 } },
    });
  });

  it('of two writers at once, one wins and the other is told', async () => {
    const id = String((await call('POST', '/api/parts', { brief: brief() })).body.id);
    const answers = await Promise.all(
      [6, 7, 8, 9].map(lifeYears =>
        call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears }), revision: 1 }),
      ),
    );
    expect(answers.map(a => a.status).sort()).toEqual([200, 409, 409, 409]);
  });

  it.each([
    ['brief.lifeYears', { brief: brief({ lifeYears: 'long' }) }],
    ['brief.favourite', { brief: brief({ favourite: 'pla' }) }],
    ['brief', {}],
    ['brief', { brief: [] }],
    ['note', { brief: brief(), note: 'x' }],
    ['printerId', { brief: brief(), printerId: 'nobody' }],
    ['printerId', { brief: brief(), printerId: 7 }],
    ['(body)', []],
    ['(body)', 5],
  ])('refuse a bad %s', async (field, body) => {
    const { status, body: answer } = await call('POST', '/api/parts', body);
    expect(status).toBe(400);
    expect(answer.errors?.map(e => e.field)).toContain(field);
    for (const e of answer.errors ?? []) expect(Object.keys(e).sort()).toEqual(['field', 'message', 'value']);
  });

  it('an update without a revision, and one of nothing, are refused', async () => {
    const id = String((await call('POST', '/api/parts', { brief: brief() })).body.id);
    expect((await call('PUT', `/api/parts/${id}`, { brief: brief() })).body.errors?.[0]?.field).toBe(
      'revision',
    );
    expect((await call('PUT', '/api/parts/none', { brief: brief(), revision: 1 })).status).toBe(404);
  });
});

describe('versions and weather', () => {
  it('a version is kept for each minute of saving, the first for ever', async () => {
    const made = await call('POST', '/api/parts', { brief: brief() });
    const id = String(made.body.id);
    expect(made.body.given).toEqual(brief());
    await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 6 }), revision: 1 });
    await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 7 }), revision: 2 });
    const versions = (await call('GET', `/api/parts/${id}/versions`)).body as unknown as {
      revision: number;
      brief: { lifeYears: number };
    }[];
    expect(versions.map(v => [v.revision, v.brief.lifeYears])).toEqual([
      [3, 7],
      [1, 5],
    ]);
    expect((await call('GET', '/api/parts/none/versions')).status).toBe(404);
  });

  it('weather of one’s own decides, and its going leaves the part whole', async () => {
    const year = (x: number): number[] => Array<number>(8760).fill(x);
    const weather = await call('POST', '/api/weathers', {
      name: 'Oven yard',
      airC: year(52),
      ghiWm2: year(0),
      windMs: year(1),
    });
    expect(weather.status).toBe(201);
    const part = await call('POST', '/api/parts', {
      brief: brief({ heat: { setting: 'outdoors', climate: 'own' } }),
      weatherId: weather.body.id,
    });
    const decided = await call('POST', `/api/parts/${String(part.body.id)}/decisions`, {
      firstChoice: 'asa',
      reason: 'Hot yard.',
      decidedBy: 'A. N.',
    });
    expect(decided.body).toMatchObject({
      record: { ranking: { conditions: { partMaxC: 52 } }, premises: { weather: { name: 'Oven yard' } } },
    });
    const whole = (
      await call('GET', `/api/parts/${String(part.body.id)}/decisions/${String(decided.body.id)}/record.json`)
    ).body as unknown as DecisionRecord;
    expect(whole.premises.weather?.airC).toHaveLength(8760);
    expect(JSON.stringify(decided.body).length).toBeLessThan(600_000);
    expect((await call('GET', '/api/weathers')).body).toContainEqual(
      expect.objectContaining({ name: 'Oven yard', hours: 8760, airMaxC: 52 }),
    );
    expect((await call('DELETE', `/api/weathers/${String(weather.body.id)}`)).status).toBe(204);
    expect((await call('GET', `/api/parts/${String(part.body.id)}`)).body.weatherId).toBeNull();
  });

  it.each([
    ['airC', { airC: [1], ghiWm2: Array<number>(8760).fill(0), windMs: Array<number>(8760).fill(1) }],
    [
      'windMs',
      {
        airC: Array<number>(8760).fill(0),
        ghiWm2: Array<number>(8760).fill(0),
        windMs: Array<number>(8784).fill(1),
      },
    ],
    ['ghiWm2', { airC: Array<number>(8760).fill(0), ghiWm2: 'sunny', windMs: Array<number>(8760).fill(1) }],
  ])('weather with a bad %s is refused', async (field, body) => {
    const answer = await call('POST', '/api/weathers', body);
    expect(answer.status).toBe(400);
    expect(answer.body.errors?.[0]?.field).toBe(field);
  });
});

describe('decisions', () => {
  it('keep the brief, the printer and the ranking of the moment', async () => {
    const machine = await call('POST', '/api/printers', { profile: printer() });
    const id = String(
      (await call('POST', '/api/parts', { brief: brief(), printerId: machine.body.id })).body.id,
    );
    const decided = await call('POST', `/api/parts/${id}/decisions`, {
      firstChoice: 'pla',
      secondChoice: 'petg',
      reason: 'Flat and easy.',
      decidedBy: 'A. N.',
    });
    expect(decided.status).toBe(201);
    expect(decided.body).toMatchObject({
      record: {
        format: 'hornblende-decision',
        firstChoice: 'pla',
        ranking: { format: 'hornblende-ranking', firstChoice: 'pla' },
        premises: { printer: { name: 'Machine' } },
        libraryVersion: expect.stringMatching(/^\d/) as string,
      },
    });
    await call('PUT', `/api/parts/${id}`, { brief: brief({ lifeYears: 20 }), revision: 1 });
    const kept = (await call('GET', `/api/parts/${id}/decisions`)).body as unknown as {
      record: { premises: { brief: { lifeYears: number } } };
    }[];
    expect(kept[0]?.record.premises.brief.lifeYears).toBe(5);
  });

  it('need a reason, a person, two different choices, and the notice where it injures', async () => {
    const id = String((await call('POST', '/api/parts', { brief: brief({ ifItFails: 'injures' }) })).body.id);
    const fields = async (body: object): Promise<string[]> =>
      ((await call('POST', `/api/parts/${id}/decisions`, body)).body.errors ?? []).map(e => e.field).sort();
    expect(await fields({ firstChoice: 'pla' })).toEqual(['decidedBy', 'reason']);
    expect(await fields({ firstChoice: 'unobtainium', reason: 'because', decidedBy: 'x' })).toEqual([
      'firstChoice',
      'hazardAcknowledged',
    ]);
    expect(await fields({ firstChoice: 'pla', secondChoice: 'pla', reason: '  ', decidedBy: 'x' })).toEqual([
      'hazardAcknowledged',
      'reason',
      'secondChoice',
    ]);
    expect(
      await fields({ firstChoice: 'pla', reason: 'because', decidedBy: 'x', hazardAcknowledged: true }),
    ).toEqual([]);
  });
});

describe('printers', () => {
  it('have one default, and leave parts whole when removed', async () => {
    const a = await call('POST', '/api/printers', { profile: printer({ name: 'A' }), isDefault: true });
    const b = await call('POST', '/api/printers', { profile: printer({ name: 'B' }), isDefault: true });
    const list = async (): Promise<{ id: string; isDefault: boolean }[]> =>
      (await call('GET', '/api/printers')).body as unknown as { id: string; isDefault: boolean }[];
    expect((await list()).filter(p => p.isDefault).map(p => p.id)).toEqual([b.body.id]);
    const part = await call('POST', '/api/parts', { brief: brief(), printerId: b.body.id });
    expect((await call('DELETE', `/api/printers/${String(b.body.id)}`)).status).toBe(204);
    expect((await call('GET', `/api/parts/${String(part.body.id)}`)).body.printerId).toBeNull();
    expect((await list()).filter(p => p.isDefault)).toHaveLength(1);
    const stale = await call('PUT', `/api/printers/${String(a.body.id)}`, {
      profile: printer({ name: 'A2' }),
      revision: 9,
    });
    expect(stale.status).toBe(409);
  });
});

describe('computation', () => {
  it('ranks, calculates and lists', async () => {
    expect((await call('POST', '/api/rank', { brief: brief() })).body).toMatchObject({
      format: 'hornblende-ranking',
      firstChoice: expect.stringMatching(/^pla/) as string,
    });
    expect(
      (await call('POST', '/api/rank', { brief: brief({ heat: { setting: 'custom', partC: 390 } }) })).body,
    ).toMatchObject({
      firstChoice: null,
      nothingFits: {
        relaxations: expect.arrayContaining([expect.objectContaining({ requirement: 'heat' })]) as unknown[],
      },
    });
    expect(
      (await call('POST', '/api/calc/uv.dose', { ghiKWhm2Year: 1500, exposure: 'full', years: 5 })).body,
    ).toMatchObject({ result: { doseMJm2: 1350 } });
    expect(
      (await call('POST', '/api/calc/uv.dose', { ghiKWhm2Year: -1, exposure: 'full', years: 5 })).body
        .errors?.[0],
    ).toMatchObject({ field: 'ghiKWhm2Year', value: -1 });
    expect((await call('POST', '/api/calc/heat.death', {})).status).toBe(404);
    expect((await call('GET', '/api/families')).body).toHaveLength(37);
    expect((await call('GET', '/api/families/asa')).body).toMatchObject({
      key: 'asa',
      properties: { shoreA: null, densityGcm3: { unit: 'g/cm³' } },
    });
    expect((await call('GET', '/api/models')).body).toContainEqual(
      expect.objectContaining({
        id: 'heat.surface',
        inputs: expect.arrayContaining([
          expect.objectContaining({ name: 'ambientC', unit: '°C' }),
        ]) as unknown[],
      }),
    );
    expect((await call('GET', '/api/health')).body).toMatchObject({ status: 'ok' });
  });
});

describe('the door', () => {
  it('answers only to its own name and its own pages', async () => {
    const host = `127.0.0.1:${server.port}`;
    expect(await withHeaders({ Host: host })).toBe(200);
    expect(
      await withHeaders({ Host: `localhost:${server.port}`, Origin: `http://localhost:${server.port}` }),
    ).toBe(200);
    expect(await withHeaders({ Host: 'workshop.example' })).toBe(403);
    expect(await withHeaders({ Host: `127.0.0.1:${server.port + 1}` })).toBe(403);
    expect(await withHeaders({ Host: host, Origin: 'http://workshop.example' })).toBe(403);
    expect(await withHeaders({ Host: host, Origin: 'null' })).toBe(403);
  });

  it('sends a policy that allows nothing from elsewhere', async () => {
    const policy = (await call('GET', '/api/health')).headers.get('content-security-policy') ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).not.toMatch(/https?:|\*|unsafe-eval|script-src[^;]*unsafe/);
  });

  it('refuses what is too large, what is not JSON, and paths it does not know, without a stack trace', async () => {
    const large = await call(
      'POST',
      '/api/parts',
      undefined,
      JSON.stringify({ brief: brief({ name: 'x'.repeat(600_000) }) }),
    );
    expect(large.status).toBe(413);
    const broken = await call('POST', '/api/parts', undefined, '{"brief":');
    expect(broken.status).toBe(400);
    expect(broken.body.errors?.[0]).toMatchObject({ field: '(body)', message: 'is not JSON' });
    expect((await call('GET', '/api/nowhere')).status).toBe(404);
    for (const answer of [large, broken])
      expect(JSON.stringify(answer.body)).not.toMatch(/at .*\.js|node_modules/);
    const polluted = await call(
      'POST',
      '/api/parts',
      undefined,
      '{"brief":{"format":"hornblende-brief","version":1,"name":"x","__proto__":{"purpose":"bad"}}}',
    );
    expect([400, 201]).toContain(polluted.status);
    expect(({} as { purpose?: string }).purpose).toBeUndefined();
  });
});

describe('the database', () => {
  it('keeps a write-ahead log, foreign keys and its data over a restart', async () => {
    const db = await openDatabase(join(dataDir, 'hornblende.db'));
    expect(await db.raw('PRAGMA journal_mode')).toEqual([{ journal_mode: 'wal' }]);
    expect(await db.raw('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
    await db.destroy();
  });

  it('starts a demo once, and afresh puts the old one aside', async () => {
    const dir = mkdtempSync(join(tmpdir(), 'hornblende-demo-'));
    const count = async (s: Running): Promise<number> =>
      ((await (await fetch(`${s.url}/api/parts`)).json()) as unknown[]).length;
    let s = await startServer({ dataDir: dir, port: 0, demo: true });
    expect(await count(s)).toBe(10);
    await s.close();
    s = await startServer({ dataDir: dir, port: 0, demo: true });
    expect(await count(s)).toBe(10);
    await s.close();
    s = await startServer({ dataDir: dir, port: 0, fresh: true });
    expect(await count(s)).toBe(0);
    await expect(startServer({ dataDir: dir, port: s.port })).rejects.toThrow(/Port \d+ is in use/);
    await s.close();
    expect(readFileSync(join(dir, 'hornblende.db')).length).toBeGreaterThan(0);
    rmSync(dir, { recursive: true, force: true });
  });
});

/** Warm for an hour a day: a grade's own heat decides. */
const warm = { heat: { setting: 'near-source', sourceC: 75, hoursADay: 1 } };

describe('records', () => {
  it('can be rebuilt to the last figure, and go out as JSON, Markdown and a page of their own', async () => {
    const part = String(
      (
        await call('POST', '/api/parts', {
          brief: brief({ name: 'Lid <b>', sun: 'full', heat: { setting: 'outdoors' } }),
        })
      ).body.id,
    );
    const made = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: 'asa',
      secondChoice: 'petg',
      reason: 'Sun | and <script>alert(1)</script>.',
      decidedBy: 'A. Tester',
    });
    const at = `/api/parts/${part}/decisions/${String(made.body.id)}`;
    const whole = (await call('GET', `${at}/record.json`)).body as unknown as DecisionRecord;
    expect(whole.premises.families).toHaveLength(37);
    expect(
      JSON.parse(
        JSON.stringify(
          rank(whole.premises.brief, {
            printer: whole.premises.printer,
            families: premisedCandidates(whole.premises),
          }),
        ),
      ),
    ).toEqual(whole.ranking);
    expect(whole.robustness).toMatchObject({ draws: 20000, seed: 1 });
    expect(whole.rejected.find(r => r.material === 'abs')?.why).toContain('half its toughness');
    expect(whole.assumptions.map(a => a.label)).toContain('lasts');
    const html = await call('GET', `${at}/record.html`);
    expect(html.headers.get('content-disposition')).toContain('lid-b-decision.html');
    expect(html.headers.get('content-security-policy')).toContain("default-src 'none'");
    expect(String(html.body.text)).not.toMatch(/<script|<b>|https?:\/\/(?!www\.w3\.org)/);
    expect(String(html.body.text).match(/<svg/g)).toHaveLength(2);
    const md = String((await call('GET', `${at}/record.md`)).body.text);
    expect(md).toContain('# Lid \\<b\\>: ASA, and PETG should it not be had.');
    expect(md).toContain('Sun \\| and');
    expect((await call('GET', `${at}/record.exe`)).status).toBe(404);
    expect((await call('GET', `/api/parts/${part}/decisions/nothing/record.json`)).status).toBe(404);
    expect((await call('GET', `${at}/drift`)).body).toMatchObject({
      differs: false,
      candidates: [],
      data: [],
    });
  });
  it('say when a grade that they rest on has changed since, and how the answer differs', async () => {
    const key = 'drifting';
    const grade = (hdt045C: number): object => ({
      format: 'hornblende-grade',
      version: 1,
      key,
      name: 'Drifting',
      family: 'pla',
      sheet: { hdt045C },
    });
    await call('POST', '/api/grades', { grade: grade(140) });
    const part = String((await call('POST', '/api/parts', { brief: brief(warm) })).body.id);
    const made = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: key,
      reason: 'Bears it.',
      decidedBy: 'A. Tester',
    });
    await call('PUT', `/api/grades/${key}`, { grade: grade(60), revision: 1 });
    const drift = (await call('GET', `/api/parts/${part}/decisions/${String(made.body.id)}/drift`)).body;
    expect(drift).toMatchObject({ firstThen: key, differs: true });
    expect(drift.candidates).toContainEqual(
      expect.objectContaining({ material: key, now: expect.objectContaining({ status: 'out' }) as object }),
    );
    expect(drift.data).toContainEqual(
      expect.objectContaining({ material: key, property: 'hdt045C', then: 140, now: 60 }),
    );
    await call('PUT', `/api/grades/${key}`, { grade: { ...grade(60), archived: true }, revision: 2 });
  });
});

describe('grades', () => {
  const grade = (fields: object = {}): object => ({
    format: 'hornblende-grade',
    version: 1,
    key: 'fell-pla',
    name: 'Fell PLA',
    family: 'pla',
    sheet: { hdt045C: 58 },
    ...fields,
  });
  it('are added, changed by revision, put away, and change a winner', async () => {
    expect((await call('POST', '/api/grades', { grade: grade() })).status).toBe(201);
    expect((await call('POST', '/api/grades', { grade: grade() })).body.errors?.[0]).toMatchObject({
      field: 'key',
      message: 'is taken by another grade',
    });
    expect(
      (await call('PUT', '/api/grades/fell-pla', { grade: grade({ name: 'Fell PLA two' }), revision: 1 }))
        .body,
    ).toMatchObject({ revision: 2, grade: { name: 'Fell PLA two' } });
    expect((await call('PUT', '/api/grades/fell-pla', { grade: grade(), revision: 1 })).status).toBe(409);
    expect(
      (await call('PUT', '/api/grades/fell-pla', { grade: grade({ key: 'other' }), revision: 2 })).body
        .errors?.[0]?.field,
    ).toBe('grade.key');
    expect(
      (await call('POST', '/api/grades', { grade: grade({ key: 'x', sheet: { tgC: 'warm' } }) })).body
        .errors?.[0],
    ).toMatchObject({ field: 'grade.sheet.tgC', value: 'warm' });

    // A PLA that claims to bear 150 °C: absurd, but the data decide.
    await call('POST', '/api/grades', {
      grade: grade({ key: 'wonder', name: 'Wonder', sheet: { hdt045C: 150 } }),
    });
    const part = String((await call('POST', '/api/parts', { brief: brief(warm) })).body.id);
    const decided = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: 'wonder',
      reason: 'It says so.',
      decidedBy: 'A. Tester',
    });
    expect(decided.status).toBe(201);
    expect(decided.body).toMatchObject({
      record: {
        ranking: { firstChoice: 'wonder' },
        premises: { grades: [{ key: 'fell-pla' }, { key: 'wonder' }] },
      },
    });
    await call('PUT', '/api/grades/wonder', { grade: grade({ key: 'wonder', archived: true }), revision: 1 });
    expect(
      (
        await call('POST', `/api/parts/${part}/decisions`, {
          firstChoice: 'wonder',
          reason: 'It says so.',
          decidedBy: 'A. Tester',
        })
      ).body.errors?.[0],
    ).toMatchObject({ field: 'firstChoice', value: 'wonder' });
  });

  it('an import is all or nothing, and can be taken back', async () => {
    const item = (key: string, fields: object = {}, revision: number | null = null): object => ({
      grade: grade({ key, name: key, ...fields }),
      revision,
    });
    const count = async (): Promise<number> =>
      ((await call('GET', '/api/grades')).body as unknown as unknown[]).length;
    const before = await count();
    const bad = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('in-b', { family: 'zinc' }), item('in-a')],
    });
    expect(bad.status).toBe(400);
    expect(bad.body.errors?.map(e => e.field)).toEqual(['grades[1].family', 'grades[2].key']);
    expect(await count()).toBe(before);
    const stale = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('fell-pla', {}, 1)],
    });
    expect(stale.status).toBe(409);
    expect(await count()).toBe(before);
    const good = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('fell-pla', { sheet: { hdt045C: 61 } }, 2)],
    });
    expect(good.body).toMatchObject({ added: 1, changed: 1 });
    expect((await call('GET', '/api/grades/fell-pla')).body).toMatchObject({
      revision: 3,
      grade: { sheet: { hdt045C: { typical: 61 } } },
    });
    // What was changed since the import stays.
    await call('PUT', '/api/grades/in-a', { grade: grade({ key: 'in-a', note: 'kept' }), revision: 1 });
    expect((await call('POST', `/api/grades/imports/${String(good.body.id)}/undo`)).body).toEqual({
      restored: 1,
      left: ['in-a'],
    });
    expect((await call('GET', '/api/grades/fell-pla')).body).toMatchObject({
      grade: { name: 'Fell PLA two', sheet: { hdt045C: { typical: 58 } } },
    });
    expect((await call('POST', `/api/grades/imports/${String(good.body.id)}/undo`)).status).toBe(404);
    expect((await call('POST', '/api/grades/import', { grades: 'all' })).status).toBe(400);
  });

  it('ten thousand are written at once, while the server still answers', async () => {
    const grades = Array.from({ length: 10_000 }, (_, i) => ({
      grade: grade({ key: `bulk-${i}`, name: `Bulk ${i}` }),
      revision: null,
    }));
    const [done, health] = await Promise.all([
      call('POST', '/api/grades/import', { grades }),
      call('GET', '/api/health'),
    ]);
    expect(done.body).toMatchObject({ added: 10_000 });
    expect(health.status).toBe(200);
    const csv = String((await call('GET', '/api/grades/export.csv')).body.text);
    expect(csv.match(/^bulk-/gm)).toHaveLength(10_000);
    expect((await call('POST', `/api/grades/imports/${String(done.body.id)}/undo`)).body).toMatchObject({
      restored: 10_000,
    });
  });

  it('go out as CSV and JSON that a spreadsheet can open safely', async () => {
    await call('POST', '/api/grades', { grade: grade({ key: 'formula', name: '=1+1' }) });
    const csv = await call('GET', '/api/grades/export.csv');
    expect(csv.headers.get('content-disposition')).toContain('hornblende-grades.csv');
    expect(String(csv.body.text)).toContain("formula,'=1+1,");
    expect((await call('GET', '/api/grades/export.json')).body).toMatchObject({
      format: 'hornblende-grades',
    });
  });
});

describe('spools and the workshop', () => {
  const spool = (fields: object = {}): object => ({
    format: 'hornblende-spool',
    version: 1,
    material: 'pa6',
    colour: 'black',
    ...fields,
  });
  it('a spool is kept with its ledger, and refused where it makes no sense', async () => {
    const made = await call('POST', '/api/spools', { spool: spool() });
    expect(made.status).toBe(201);
    const id = String(made.body.id);
    const wet = await call('PUT', `/api/spools/${id}`, {
      spool: spool({ events: [{ kind: 'opened', at: '2026-03-01' }] }),
      revision: 1,
    });
    expect(wet.body).toMatchObject({ revision: 2, spool: { events: [{ kind: 'opened' }] } });
    expect((await call('PUT', `/api/spools/${id}`, { spool: spool(), revision: 1 })).status).toBe(409);
    expect(
      (await call('POST', '/api/spools', { spool: spool({ material: 'zinc' }) })).body.errors?.[0],
    ).toMatchObject({ field: 'spool.material', value: 'zinc' });
    expect(
      (
        await call('PUT', `/api/spools/${id}`, {
          spool: spool({ events: [{ kind: 'dried', at: '2026-03-01' }] }),
          revision: 2,
        })
      ).body.errors?.map(e => e.field),
    ).toEqual(['spool.events[0].dryingC', 'spool.events[0].hours']);
    expect((await call('DELETE', `/api/spools/${id}`)).status).toBe(204);
    expect((await call('GET', `/api/spools/${id}`)).status).toBe(404);
  });
  it('settings and quotes are kept', async () => {
    expect((await call('GET', '/api/workshop')).body).toMatchObject({
      settings: { currency: '€', roomRhPct: 50 },
      quotes: {},
    });
    await call('PUT', '/api/workshop', {
      format: 'hornblende-workshop',
      version: 1,
      currency: '£',
      upgradePrices: { enclosure: 70 },
    });
    const part = String((await call('POST', '/api/parts', { brief: brief() })).body.id);
    expect((await call('PUT', `/api/workshop/quotes/${part}`, { each: 12 })).body).toMatchObject({
      settings: { currency: '£', upgradePrices: { enclosure: 70 } },
      quotes: { [part]: 12 },
    });
    expect((await call('PUT', `/api/workshop/quotes/${part}`, { each: null })).body).toMatchObject({
      quotes: {},
    });
    expect((await call('PUT', `/api/workshop/quotes/nobody`, { each: 3 })).status).toBe(404);
    expect((await call('PUT', `/api/workshop/quotes/${part}`, { each: -3 })).body.errors?.[0]?.field).toBe(
      'each',
    );
    expect(
      (
        await call('PUT', '/api/workshop', {
          format: 'hornblende-workshop',
          version: 1,
          upgradePrices: { magic: 2 },
        })
      ).status,
    ).toBe(400);
  });
});
