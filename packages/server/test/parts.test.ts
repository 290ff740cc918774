import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseBrief } from '@hornblende/core/brief';
import { openDatabase } from '../src/db/database.js';
import type { PartContent } from '../src/db/kinds/parts.js';
import { PartStore } from '../src/db/parts.js';
import { describe, expect, it } from 'vitest';
import type { DecisionRecord } from '@hornblende/core/records';
import { brief, runningApi } from './running.js';

const { call } = runningApi();

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

  it('who saves every half minute for two hours has a version a minute, and the last', async () => {
    const db = await openDatabase(join(mkdtempSync(join(tmpdir(), 'hornblende-versions-')), 'x.db'));
    const store = new PartStore(db);
    const content = (lifeYears: number): PartContent => ({
      brief: parseBrief(brief({ lifeYears })),
      given: brief({ lifeYears }),
      printerId: null,
      weatherId: null,
      archived: false,
    });
    const at = (seconds: number): string => new Date(Date.UTC(2026, 0, 1) + 1000 * seconds).toISOString();
    const { id } = await store.create(content(1), at(0));
    const SAVES = 240;
    for (let i = 1; i <= SAVES; i++) await store.update(id, content(1 + i / 10), i, at(30 * i));
    const { items } = await store.versions(id, { limit: 1000, after: null });
    expect(items.length).toBeGreaterThanOrEqual(120);
    expect(items[0]!.brief.lifeYears).toBe(25);
    expect(items.at(-1)!.brief.lifeYears).toBe(1);
    await db.destroy();
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
