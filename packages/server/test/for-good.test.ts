import { describe, expect, it } from 'vitest';
import { runningApi, type Answer } from './running.js';

const api = runningApi();
const call = (method: string, path: string, body?: object): Promise<Answer> =>
  api.call(method, `/api${path}`, body);
const brief = { format: 'hornblende-brief', version: 1, name: 'Hook', sun: 'full' };
const addPart = async (): Promise<{ id: string; revision: number }> =>
  (await call('POST', '/parts', { brief, printerId: null, weatherId: null })).body as never;
const addGrade = (key: string): Promise<Answer> =>
  call('POST', '/grades', {
    grade: { format: 'hornblende-grade', version: 1, key, name: key, family: 'pla' },
  });

describe('a part', () => {
  it('is deleted for good only when it was put away', async () => {
    const { id, revision } = await addPart();
    const refused = await call('DELETE', `/parts/${id}`);
    expect(refused.status).toBe(409);
    expect(refused.body.errors?.[0]?.message).toContain('put it away');
    await call('PUT', `/parts/${id}`, { brief, printerId: null, weatherId: null, archived: true, revision });
    expect((await call('GET', '/parts')).body).not.toContainEqual(expect.objectContaining({ id }));
    expect((await call('GET', '/parts?archived=true')).body).toContainEqual(expect.objectContaining({ id }));
    expect((await call('DELETE', `/parts/${id}`)).status).toBe(204);
    expect((await call('GET', `/parts/${id}`)).status).toBe(404);
    expect((await call('DELETE', `/parts/${id}`)).status).toBe(404);
  });
});

describe('a grade', () => {
  it('is deleted for good, but not while a spool is of it', async () => {
    await addGrade('fell-pla');
    const spool = { format: 'hornblende-spool', version: 1, material: 'fell-pla' };
    const { id } = (await call('POST', '/spools', { spool })).body as { id: string };
    const { grade, revision } = (await call('GET', '/grades/fell-pla')).body as {
      grade: object;
      revision: number;
    };
    await call('PUT', '/grades/fell-pla', { grade: { ...grade, archived: true }, revision });
    expect((await call('DELETE', '/grades/fell-pla')).status).toBe(409);
    await call('DELETE', `/spools/${id}`);
    expect((await call('DELETE', '/grades/fell-pla')).status).toBe(204);
    expect((await call('GET', '/grades/fell-pla')).status).toBe(404);
  });
});

describe('a decision', () => {
  it('is withdrawn with a reason and a name, once, and kept as it was', async () => {
    const { id } = await addPart();
    const taken = await call('POST', `/parts/${id}/decisions`, {
      firstChoice: 'asa',
      secondChoice: 'petg',
      reason: 'Stands in the sun.',
      decidedBy: 'R. Thwaite',
    });
    expect(taken.status).toBe(201);
    const path = `/parts/${id}/decisions/${String(taken.body.id)}/withdrawal`;
    const refused = await call('POST', path, { reason: '', by: '' });
    expect(refused.status).toBe(400);
    expect(refused.body.errors?.map(e => e.field)).toEqual(['reason', 'by']);
    const withdrawn = await call('POST', path, { reason: 'Another hook was meant.', by: 'M. Orrell' });
    expect(withdrawn.body).toMatchObject({
      withdrawn: { reason: 'Another hook was meant.', by: 'M. Orrell' },
      record: taken.body.record,
    });
    expect((await call('POST', path, { reason: 'Again.', by: 'M. Orrell' })).status).toBe(409);
    expect((await call('GET', '/parts')).body).toContainEqual(
      expect.objectContaining({ id, decision: null }),
    );
  });
});
