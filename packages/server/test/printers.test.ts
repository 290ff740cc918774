import { describe, expect, it } from 'vitest';
import { brief, printer, runningApi } from './running.js';

const { call } = runningApi();

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
