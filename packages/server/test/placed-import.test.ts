import { readPlacedTable } from '@hornblende/core/tables';
import { describe, expect, it } from 'vitest';
import { archivesOf } from './archives.js';
import { runningApi } from './running.js';

const api = runningApi();
const { call } = api;
const { exported } = archivesOf(api);

const part = (name: string, look: object | null = null, change: object = {}): object => ({
  placement: {
    format: 'hornblende-service',
    version: 1,
    name,
    since: '2021-03-01',
    materials: [{ material: 'asa' }],
    place: { where: 'Fell' },
    ...change,
  },
  looks: look ? [look] : [],
});
const broke = { at: '2025-06-01T12:00:00Z', verdict: 'failed', mode: 'cracked' };
const names = async (): Promise<string[]> =>
  ((await call('GET', '/api/placements')).body as unknown as { placement: { name: string } }[])
    .map(p => p.placement.name)
    .sort();

describe('a table of parts in service', () => {
  it('is placed whole, each part with its look, and counts by its weight', async () => {
    const { status, body } = await call('POST', '/api/service/import', {
      parts: [part('Hook', broke, { origin: 'Moorside', weight: 0.5 }), part('Lid')],
    });
    expect(status).toBe(200);
    const ids = body.ids as string[];
    expect(ids).toHaveLength(2);
    const looks = await call('GET', `/api/placements/${ids[0]}/inspections`);
    expect(looks.body).toMatchObject([{ verdict: 'failed', mode: 'cracked', placementId: ids[0] }]);
    const evidence = await call('GET', '/api/service/evidence?by=family');
    const groups = evidence.body.groups as { key: string; survival: { parts: number; curve: object[] } }[];
    expect(groups.find(g => g.key === 'asa')!.survival).toMatchObject({
      parts: 1,
      curve: [{ atRisk: 0.5, failed: 0.5 }],
    });
    expect(evidence.body.calibration).toMatchObject({ holds: { answers: 0.5 } });
  });
  it('is refused whole where one row is wrong, naming field and value of each', async () => {
    const before = await names();
    const { status, body } = await call('POST', '/api/service/import', {
      parts: [
        part('Good'),
        part('Bad', null, { since: 'soon' }),
        part('Worse', { at: '2025-06-01T12:00:00Z', verdict: 'failed' }),
      ],
    });
    expect(status).toBe(400);
    expect(body.errors).toEqual([
      expect.objectContaining({ field: 'parts[1].placement.since', value: 'soon' }),
      expect.objectContaining({ field: 'parts[2].looks[0].mode' }),
    ]);
    expect(await names()).toEqual(before);
    for (const wrong of [{}, { parts: [] }, { parts: 'all' }])
      expect((await call('POST', '/api/service/import', wrong)).status).toBe(400);
  });
  it('is dropped whole where a part cannot be written: a tag that two would carry', async () => {
    const before = await names();
    const twins = [part('One', null, { code: 'QQ11' }), part('Two', null, { code: 'QQ11' })];
    const { status, body } = await call('POST', '/api/service/import', { parts: twins });
    expect(status).toBe(400);
    expect(body.errors).toMatchObject([{ field: 'parts[1].placement.code', value: 'QQ11' }]);
    expect(await names()).toEqual(before);
  });
  it('is taken back, but for what was touched since', async () => {
    const made = await call('POST', '/api/service/import', {
      parts: [part('A', broke), part('B'), part('C')],
    });
    const [a, b, c] = made.body.ids as [string, string, string];
    await call('PUT', '/api/inspections/by-hand-0001', {
      inspection: { id: 'by-hand-0001', placementId: b, at: '2025-07-01T10:00:00Z', verdict: 'fine' },
    });
    const { placement } = part('C', null, { note: 'moved' }) as { placement: object };
    await call('PUT', `/api/placements/${c}`, { placement, revision: 1 });
    const undone = await call('POST', '/api/service/import/undo', { ids: [a, b, c, 'nobody'] });
    expect(undone.body.left).toEqual([
      { id: b, why: 'was looked at since' },
      { id: c, why: 'was changed since' },
      { id: 'nobody', why: 'is gone already' },
    ]);
    expect((await call('GET', `/api/placements/${a}`)).status).toBe(404);
    expect((await call('GET', `/api/placements/${b}`)).status).toBe(200);
    expect((await call('POST', '/api/service/import/undo', { ids: 7 })).status).toBe(400);
  });
  it('is read out of an archive of another workshop, each part with all of its looks', async () => {
    const placed = await call('POST', '/api/service/import', {
      parts: [{ ...part('Carried over'), looks: [{ at: '2022-06-01T12:00:00Z', verdict: 'fine' }, broke] }],
    });
    const zip = await exported();
    await call('POST', '/api/service/import/undo', { ids: placed.body.ids });
    const { rows } = readPlacedTable(zip, {
      existing: [],
      materialNamed: key => key,
      ...{ origin: 'Next door', weight: 0.5, today: '2026-03-01' },
    });
    const row = rows.find(r => r.name === 'Carried over')!;
    const taken = await call('POST', '/api/service/import', { parts: [row] });
    expect(taken.status).toBe(200);
    const [id] = taken.body.ids as [string];
    const looks = (await call('GET', `/api/placements/${id}/inspections`)).body;
    expect(looks).toMatchObject([{ verdict: 'failed' }, { verdict: 'fine' }]);
    expect((await call('GET', `/api/placements/${id}`)).body).toMatchObject({
      placement: { name: 'Carried over', origin: 'Next door', weight: 0.5 },
    });
  });
});
