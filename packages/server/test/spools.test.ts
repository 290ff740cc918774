import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';

const { call } = runningApi();

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
