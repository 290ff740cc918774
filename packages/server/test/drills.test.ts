import { describe, expect, it } from 'vitest';
import { runningApi } from './running.js';

const { call } = runningApi();

const answer = (id: string, change: object = {}): object => ({
  answer: {
    format: 'hornblende-drill-answer',
    version: 1,
    id,
    kind: 'proof',
    seed: 7,
    sure: 0.9,
    right: true,
    at: '2026-11-20T08:00:00.000Z',
    ...change,
  },
});

describe('answers to drills', () => {
  it('are kept once, however often they are sent, and listed newest first', async () => {
    expect((await call('PUT', '/api/drills/answers/a1', answer('a1'))).status).toBe(201);
    expect((await call('PUT', '/api/drills/answers/a1', answer('a1'))).status).toBe(200);
    expect((await call('PUT', '/api/drills/answers/a1', answer('a1', { right: false }))).status).toBe(409);
    await call('PUT', '/api/drills/answers/a2', answer('a2', { at: '2026-11-21T08:00:00.000Z', who: 'Ida' }));
    const { body } = await call('GET', '/api/drills/answers');
    expect(body).toMatchObject([
      { id: 'a2', who: 'Ida' },
      { id: 'a1', who: '', sure: 0.9 },
    ]);
  });
  it('are refused by name', async () => {
    const fields = async (id: string, body: object): Promise<unknown> =>
      (await call('PUT', `/api/drills/answers/${id}`, body)).body.errors?.map(e => e.field);
    expect(await fields('b1', answer('b2'))).toEqual(['answer.id']);
    expect(await fields('b1', answer('b1', { kind: 'charades', sure: 3 }))).toEqual([
      'answer.kind',
      'answer.sure',
    ]);
    expect(await fields('b1', {})).toEqual(['answer']);
  });
  it('are forgotten for one person alone', async () => {
    await call('PUT', '/api/drills/answers/c1', answer('c1', { who: 'Olle' }));
    const gone = await call('DELETE', '/api/drills/answers?who=Olle');
    expect(gone.body).toEqual({ forgotten: 1 });
    const { body } = await call('GET', '/api/drills/answers');
    expect((body as unknown as { who: string }[]).some(a => a.who === 'Olle')).toBe(false);
    expect((await call('DELETE', '/api/drills/answers')).status).toBe(400);
  });
});
