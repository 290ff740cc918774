import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { openDatabase, startServer, type Running } from '../src/index.js';
import { brief, runningApi } from './running.js';
import { copyDemo } from './sown.js';

const { call, dataDir, server } = runningApi();

/** A request with headers that fetch would not let through. */
function withHeaders(headers: Record<string, string>): Promise<number> {
  return new Promise((ok, fail) => {
    const req = request({ host: '127.0.0.1', port: server().port, path: '/api/health', headers }, res => {
      res.resume();
      ok(res.statusCode ?? 0);
    });
    req.once('error', fail);
    req.end();
  });
}

describe('computation', () => {
  it('reads a sentence into a brief, and says what it did not understand', async () => {
    const { body } = await call('POST', '/api/say', { sentence: 'gasket, 80 to 90 A, in the rain, zorbed' });
    expect(body).toMatchObject({
      brief: { name: 'Gasket', water: 'rain', flex: { shoreA: [80, 90] } },
      unclear: ['zorbed'],
    });
    expect((await call('POST', '/api/say', {})).status).toBe(400);
  });
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
    expect((await call('GET', '/api/families')).body).toHaveLength(55);
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
    const host = `127.0.0.1:${server().port}`;
    expect(await withHeaders({ Host: host })).toBe(200);
    expect(
      await withHeaders({ Host: `localhost:${server().port}`, Origin: `http://localhost:${server().port}` }),
    ).toBe(200);
    expect(await withHeaders({ Host: 'workshop.example' })).toBe(403);
    expect(await withHeaders({ Host: `127.0.0.1:${server().port + 1}` })).toBe(403);
    expect(await withHeaders({ Host: host, Origin: 'http://workshop.example' })).toBe(403);
    expect(await withHeaders({ Host: host, Origin: 'null' })).toBe(403);
    // Pages of other sites, and of other programs on this machine, whatever they fetch.
    for (const site of ['cross-site', 'same-site'])
      expect(await withHeaders({ Host: host, 'Sec-Fetch-Site': site })).toBe(403);
    for (const site of ['same-origin', 'none'])
      expect(await withHeaders({ Host: host, 'Sec-Fetch-Site': site })).toBe(200);
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
    // As a first start with the demo has left it.
    await copyDemo(dir);
    let s = await startServer({ dataDir: dir, port: 0, demo: true });
    expect(await count(s)).toBe(10);
    await s.close();
    s = await startServer({ dataDir: dir, port: 0, fresh: true });
    expect(await count(s)).toBe(0);
    await expect(startServer({ dataDir: dir, port: s.port })).rejects.toThrow(
      `another Hornblende works in this folder already, at ${s.url}`,
    );
    await s.close();
    expect(readFileSync(join(dir, 'hornblende.db')).length).toBeGreaterThan(0);
    rmSync(dir, { recursive: true, force: true });
  });
});
