import { describe, expect, it } from 'vitest';
import { brief, runningApi, warm } from './running.js';

const { call } = runningApi();

describe('grades', () => {
  const grade = (fields: object = {}): object => ({
    format: 'hornblende-grade',
    version: 1,
    key: 'fell-pla',
    name: 'Fell PLA',
    family: 'pla',
    sheet: { hdt045C: 58 },
    ...fields,
  });
  it('are added, changed by revision, put away, and change a winner', async () => {
    expect((await call('POST', '/api/grades', { grade: grade() })).status).toBe(201);
    expect((await call('POST', '/api/grades', { grade: grade() })).body.errors?.[0]).toMatchObject({
      field: 'key',
      message: 'is taken by another grade',
    });
    expect(
      (await call('PUT', '/api/grades/fell-pla', { grade: grade({ name: 'Fell PLA two' }), revision: 1 }))
        .body,
    ).toMatchObject({ revision: 2, grade: { name: 'Fell PLA two' } });
    expect((await call('PUT', '/api/grades/fell-pla', { grade: grade(), revision: 1 })).status).toBe(409);
    expect(
      (await call('PUT', '/api/grades/fell-pla', { grade: grade({ key: 'other' }), revision: 2 })).body
        .errors?.[0]?.field,
    ).toBe('grade.key');
    expect(
      (await call('POST', '/api/grades', { grade: grade({ key: 'x', sheet: { tgC: 'warm' } }) })).body
        .errors?.[0],
    ).toMatchObject({ field: 'grade.sheet.tgC', value: 'warm' });

    // A PLA that claims to bear 150 °C: absurd, but the data decide.
    await call('POST', '/api/grades', {
      grade: grade({ key: 'wonder', name: 'Wonder', sheet: { hdt045C: 150 } }),
    });
    const part = String((await call('POST', '/api/parts', { brief: brief(warm) })).body.id);
    const decided = await call('POST', `/api/parts/${part}/decisions`, {
      firstChoice: 'wonder',
      reason: 'It says so.',
      decidedBy: 'A. Tester',
    });
    expect(decided.status).toBe(201);
    expect(decided.body).toMatchObject({
      record: {
        ranking: { firstChoice: 'wonder' },
        premises: { grades: [{ key: 'fell-pla' }, { key: 'wonder' }] },
      },
    });
    await call('PUT', '/api/grades/wonder', { grade: grade({ key: 'wonder', archived: true }), revision: 1 });
    expect(
      (
        await call('POST', `/api/parts/${part}/decisions`, {
          firstChoice: 'wonder',
          reason: 'It says so.',
          decidedBy: 'A. Tester',
        })
      ).body.errors?.[0],
    ).toMatchObject({ field: 'firstChoice', value: 'wonder' });
  });

  it('an import is all or nothing, and can be taken back', async () => {
    const item = (key: string, fields: object = {}, revision: number | null = null): object => ({
      grade: grade({ key, name: key, ...fields }),
      revision,
    });
    const count = async (): Promise<number> =>
      ((await call('GET', '/api/grades')).body as unknown as unknown[]).length;
    const before = await count();
    const bad = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('in-b', { family: 'zinc' }), item('in-a')],
    });
    expect(bad.status).toBe(400);
    expect(bad.body.errors?.map(e => e.field)).toEqual(['grades[1].family', 'grades[2].key']);
    expect(await count()).toBe(before);
    const stale = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('fell-pla', {}, 1)],
    });
    expect(stale.status).toBe(409);
    expect(await count()).toBe(before);
    const good = await call('POST', '/api/grades/import', {
      grades: [item('in-a'), item('fell-pla', { sheet: { hdt045C: 61 } }, 2)],
    });
    expect(good.body).toMatchObject({ added: 1, changed: 1 });
    expect((await call('GET', '/api/grades/fell-pla')).body).toMatchObject({
      revision: 3,
      grade: { sheet: { hdt045C: { typical: 61 } } },
    });
    // What was changed since the import stays.
    await call('PUT', '/api/grades/in-a', { grade: grade({ key: 'in-a', note: 'kept' }), revision: 1 });
    expect((await call('POST', `/api/grades/imports/${String(good.body.id)}/undo`)).body).toEqual({
      restored: 1,
      left: [{ what: 'in-a', why: 'it was changed since' }],
    });
    expect((await call('GET', '/api/grades/fell-pla')).body).toMatchObject({
      grade: { name: 'Fell PLA two', sheet: { hdt045C: { typical: 58 } } },
    });
    expect((await call('POST', `/api/grades/imports/${String(good.body.id)}/undo`)).status).toBe(404);
    expect((await call('POST', '/api/grades/import', { grades: 'all' })).status).toBe(400);
  });

  it('ten thousand are written at once, while the server still answers', async () => {
    const grades = Array.from({ length: 10_000 }, (_, i) => ({
      grade: grade({ key: `bulk-${i}`, name: `Bulk ${i}` }),
      revision: null,
    }));
    const [done, health] = await Promise.all([
      call('POST', '/api/grades/import', { grades }),
      call('GET', '/api/health'),
    ]);
    expect(done.body).toMatchObject({ added: 10_000 });
    expect(health.status).toBe(200);
    const csv = String((await call('GET', '/api/grades/export.csv')).body.text);
    expect(csv.match(/^bulk-/gm)).toHaveLength(10_000);
    expect((await call('POST', `/api/grades/imports/${String(done.body.id)}/undo`)).body).toMatchObject({
      restored: 10_000,
    });
  });

  it('go out as CSV and JSON that a spreadsheet can open safely', async () => {
    await call('POST', '/api/grades', { grade: grade({ key: 'formula', name: '=1+1' }) });
    const csv = await call('GET', '/api/grades/export.csv');
    expect(csv.headers.get('content-disposition')).toContain('hornblende-grades.csv');
    expect(String(csv.body.text)).toContain("formula,'=1+1,");
    expect((await call('GET', '/api/grades/export.json')).body).toMatchObject({
      format: 'hornblende-grades',
    });
  });
});
