import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';

const { call } = runningApi();

const fault = (change: object = {}): object => ({
  fault: { format: 'hornblende-fault', version: 1, symptoms: ['corner-lift'], ...change },
});
const end = { cause: 'draught', at: '2026-10-24', mending: 'helped', tellAt: ['card'] };

describe('faults', () => {
  it('are kept with what they were, changed by revision, listed newest first and removed', async () => {
    const old = await call('POST', '/api/faults', fault({ at: '2026-01-02' }));
    const made = await call('POST', '/api/faults', fault({ at: '2026-10-24', history: { draught: 3 } }));
    expect(made.status).toBe(201);
    const { id } = made.body as { id: string };
    // What others were is counted anew, never kept with one.
    expect(made.body).toMatchObject({ revision: 1, fault: { end: null, history: {} } });
    const solved = { ...fault({ at: '2026-10-24', end }), revision: 1 };
    expect((await call('PUT', `/api/faults/${id}`, solved)).status).toBe(200);
    expect((await call('PUT', `/api/faults/${id}`, solved)).status).toBe(409);
    const { body } = await call('GET', '/api/faults');
    expect(body).toMatchObject([
      { id, revision: 2, fault: { end: { cause: 'draught', tellAt: ['card'] } } },
      { id: old.body.id },
    ]);
    expect((await call('DELETE', `/api/faults/${id}`)).status).toBe(204);
    expect((await call('GET', `/api/faults/${id}`)).status).toBe(404);
  });

  it('are refused where they name what is not there', async () => {
    const fields = async (change: object): Promise<unknown> =>
      (await call('POST', '/api/faults', fault(change))).body.errors?.map(e => e.field);
    expect(await fields({ of: { partId: 'nowhere' } })).toEqual(['fault.of.partId']);
    expect(await fields({ end: { ...end, cause: 'gremlins' } })).toEqual(['fault.end.cause']);
    expect(await fields({ symptoms: ['gloom'] })).toEqual(['fault.symptoms']);
  });

  it('outlive their part', async () => {
    const part = await call('POST', '/api/parts', { brief: brief() });
    const partId = part.body.id as string;
    const made = await call('POST', '/api/faults', fault({ of: { partId, name: 'Foot' }, end }));
    await call('PUT', `/api/parts/${partId}`, { brief: brief(), archived: true, revision: 1 });
    expect((await call('DELETE', `/api/parts/${partId}`)).status).toBe(204);
    const { body } = await call('GET', `/api/faults/${made.body.id as string}`);
    expect(body).toMatchObject({ fault: { of: { partId: null, name: 'Foot' }, end: { cause: 'draught' } } });
  });
});
