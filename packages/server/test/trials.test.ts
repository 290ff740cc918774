import type { Trial } from '@hornblende/core/formats';
import type { OpenTrial } from '@hornblende/core/trials';
import { describe, expect, it } from 'vitest';
import { png } from './pictures.js';
import { brief, runningApi } from './running.js';

const { call, server } = runningApi();

const trial = (change: object = {}): object => ({
  trial: {
    format: 'hornblende-trial',
    version: 1,
    name: 'Two for a foot',
    criteria: [{ id: 'mass', label: 'Mass', unit: 'g', lessIsBetter: true }],
    entrants: [{ material: 'petg' }, { material: 'asa' }],
    ...change,
  },
});

describe('trials', () => {
  it('are kept with their readings, changed by revision, listed and removed', async () => {
    const made = await call('POST', '/api/trials', trial());
    expect(made.status).toBe(201);
    const { id } = made.body as { id: string };
    expect(made.body).toMatchObject({ revision: 1, trial: { replicates: 3, decided: null } });
    const reading = { criterion: 'mass', value: 12.5, at: '2026-11-20T10:00:00Z', instrument: 'Scale' };
    const change = {
      ...trial({ entrants: [{ material: 'petg', readings: [reading] }, { material: 'asa' }] }),
      revision: 1,
    };
    expect((await call('PUT', `/api/trials/${id}`, change)).status).toBe(200);
    // A second tab that has not seen it is told, and nothing is lost.
    const stale = await call('PUT', `/api/trials/${id}`, change);
    expect(stale.status).toBe(409);
    const { body } = await call('GET', '/api/trials');
    expect(body).toMatchObject([
      { id, revision: 2, trial: { entrants: [{ readings: [{ value: 12.5, struck: false }] }, {}] } },
    ]);
    expect((await call('DELETE', `/api/trials/${id}`)).status).toBe(204);
    expect((await call('GET', `/api/trials/${id}`)).status).toBe(404);
  });
  it('are refused where they name what is not there', async () => {
    const fields = async (change: object): Promise<unknown> =>
      (await call('POST', '/api/trials', trial(change))).body.errors?.map(e => e.field);
    expect(await fields({ entrants: [{ material: 'cheese' }] })).toEqual(['trial.entrants[0].material']);
    expect(await fields({ partId: 'nowhere' })).toEqual(['trial.partId']);
    expect(
      await fields({
        criteria: [
          { id: 'mass', label: 'Mass' },
          { id: 'mass', label: 'Again' },
        ],
      }),
    ).toEqual(['trial.criteria[1].id']);
    const readings = [{ criterion: 'charm', value: 1, at: 'yesterday' }];
    expect(await fields({ entrants: [{ material: 'asa', readings }] })).toEqual([
      'trial.entrants[0].readings[0].criterion',
      'trial.entrants[0].readings[0].at',
    ]);
  });
  it('take what comes from elsewhere by a name of its own, and photographs of pieces that are kept', async () => {
    const foreign = { name: 'Turned brass', priceEach: 19, needs: 'three weeks' };
    const made = await call(
      'POST',
      '/api/trials',
      trial({ entrants: [{ material: 'elsewhere-1', foreign }] }),
    );
    expect(made.status).toBe(201);
    const kept = await fetch(`${server().url}/api/photos`, {
      method: 'POST',
      headers: { 'content-type': 'image/png' },
      body: new Uint8Array(png(90)),
    });
    const { sha256 } = (await kept.json()) as { sha256: string };
    const withPhoto = (of: string): object => ({
      ...trial({
        entrants: [
          {
            material: 'asa',
            readings: [
              { criterion: 'mass', value: 12, at: '2026-11-20T10:00:00Z', photos: [{ sha256: of }] },
            ],
          },
        ],
      }),
      revision: 1,
    });
    const id = made.body.id as string;
    const unknown = await call('PUT', `/api/trials/${id}`, withPhoto('0'.repeat(64)));
    expect(unknown.body.errors?.[0]).toMatchObject({
      field: 'trial.entrants[0].readings[0].photos[0].sha256',
    });
    const changed = await call('PUT', `/api/trials/${id}`, withPhoto(sha256));
    expect(changed.status).toBe(200);
    expect((await call('GET', '/api/trials')).body).toEqual(
      expect.arrayContaining([
        expect.objectContaining({
          id,
          trial: expect.objectContaining({
            entrants: [
              expect.objectContaining({
                readings: [expect.objectContaining({ photos: [{ sha256, caption: '' }] })],
              }),
            ],
          }) as unknown,
        }),
      ]),
    );
  });
  it('outlive their part', async () => {
    const part = await call('POST', '/api/parts', { brief: brief() });
    const partId = part.body.id as string;
    const made = await call('POST', '/api/trials', trial({ partId }));
    await call('PUT', `/api/parts/${partId}`, { brief: brief(), archived: true, revision: 1 });
    expect((await call('DELETE', `/api/parts/${partId}`)).status).toBe(204);
    const { body } = await call('GET', `/api/trials/${made.body.id as string}`);
    expect(body).toMatchObject({ trial: { partId: null, name: 'Two for a foot' } });
  });
});

describe('an open trial at the bench', () => {
  const reading = { criterion: 'mass', value: 12.5, at: '2026-11-20T10:00:00Z' };
  const readings = async (id: string): Promise<unknown> =>
    ((await call('GET', `/api/trials/${id}`)).body as unknown as { trial: Trial }).trial.entrants[0]!
      .readings;

  it('is listed with the names of what is in it until it is decided', async () => {
    const made = await call('POST', '/api/trials', trial({ name: 'Read by phone' }));
    const { id } = made.body as { id: string };
    const open = async (): Promise<OpenTrial[]> =>
      (await call('GET', '/api/bench')).body as unknown as OpenTrial[];
    expect((await open()).find(t => t.id === id)).toMatchObject({
      trial: { name: 'Read by phone' },
      names: { petg: 'PETG', asa: 'ASA' },
    });
    const decided = { first: 'asa', reason: 'It held.', at: '2026-11-21T10:00:00Z' };
    await call('PUT', `/api/trials/${id}`, { ...trial({ decided }), revision: 1 });
    expect((await open()).map(t => t.id)).not.toContain(id);
    const late = await call('PUT', `/api/bench/${id}/readings`, { material: 'asa', reading });
    expect(late.status).toBe(409);
    expect(late.body.errors).toMatchObject([{ message: 'is decided: nothing more is read' }]);
  });

  it('takes one reading once, whoever saves beside it, and strikes it out', async () => {
    const made = await call('POST', '/api/trials', trial());
    const { id } = made.body as { id: string };
    const put = (change: object): ReturnType<typeof call> =>
      call('PUT', `/api/bench/${id}/readings`, { material: 'petg', reading: { ...reading, ...change } });
    const at = (n: number): string => `2026-11-20T10:0${n}:00Z`;
    const all = await Promise.all([0, 1, 2, 3].map(n => put({ at: at(n), value: 12 + n })));
    expect(all.map(r => r.status)).toEqual([200, 200, 200, 200]);
    expect((await put({ at: at(0), value: 12 })).status).toBe(200);
    expect(await readings(id)).toHaveLength(4);
    await put({ at: at(0), value: 12, struck: true });
    expect(await readings(id)).toContainEqual(expect.objectContaining({ at: at(0), struck: true }));
  });

  it('refuses what is not in it, or cannot be, by field', async () => {
    const made = await call('POST', '/api/trials', trial());
    const { id } = made.body as { id: string };
    const refused = async (body: object): Promise<unknown> => {
      const { status, body: said } = await call('PUT', `/api/bench/${id}/readings`, body);
      return [status, said.errors?.[0]?.field];
    };
    expect(await refused({ material: 'pla', reading })).toEqual([400, 'material']);
    expect(await refused({ material: 'asa', reading: { ...reading, criterion: 'charm' } })).toEqual([
      400,
      'material',
    ]);
    expect(await refused({ material: 'asa', reading: { ...reading, value: -4 } })).toEqual([
      400,
      'trial.entrants[1].readings[0].value',
    ]);
    expect(await refused({ material: 'asa' })).toEqual([400, 'reading']);
    expect((await call('PUT', '/api/bench/nobody/readings', { material: 'asa', reading })).status).toBe(404);
  });
});
