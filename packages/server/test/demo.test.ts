import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';

describe('the demo on demand', () => {
  const { call } = runningApi();
  it('is laid out in an empty workshop, once', async () => {
    expect((await call('GET', '/api/parts')).body).toEqual([]);
    expect((await call('POST', '/api/demo')).status).toBe(201);
    const { body } = await call('GET', '/api/parts');
    expect(body).toHaveLength(10);
    const again = await call('POST', '/api/demo');
    expect(again.status).toBe(409);
    expect(again.body.errors?.[0]?.field).toBe('(workshop)');
    expect((await call('GET', '/api/parts')).body).toHaveLength(10);
  });
});

describe('a workshop in use', () => {
  const { call } = runningApi();
  it('is left alone', async () => {
    await call('POST', '/api/parts', { brief: brief() });
    expect((await call('POST', '/api/demo')).status).toBe(409);
    expect((await call('GET', '/api/parts')).body).toHaveLength(1);
  });
});
