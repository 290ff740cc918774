import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openDatabase } from '../../src/db/database.js';
import { Jobs } from '../../src/jobs/jobs.js';
import { brief } from '../running.js';

let folder = '';
let jobs: Jobs;
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'hornblende-jobs-'));
  const file = join(folder, 'x.db');
  await (await openDatabase(file)).destroy();
  jobs = new Jobs(file);
});
afterAll(async () => {
  await jobs.close();
  rmSync(folder, { recursive: true, force: true });
});

const draws = (n: number): { id: string; body: object } => ({
  id: 'score.robustness',
  body: { brief: brief(), draws: n },
});
const json = (body: Uint8Array): Record<string, unknown> =>
  JSON.parse(new TextDecoder().decode(body)) as Record<string, unknown>;

describe('work in threads', () => {
  it('gives back bytes that are ready to be sent', async () => {
    const answer = await jobs.run('heavy', 'calculateModel', draws(10));
    expect(answer).toMatchObject({ status: 200, type: 'application/json' });
    expect(json(answer.body).model).toBe('score.robustness');
  });

  it('refuses as the work itself does, with every problem', async () => {
    const refused = jobs.run('heavy', 'calculateModel', { id: 'load.beam', body: { case: 'bridge' } });
    await expect(refused).rejects.toMatchObject({
      status: 400,
      problems: expect.arrayContaining([
        expect.objectContaining({ field: 'case', value: 'bridge' }),
      ]) as object[],
    });
    await expect(jobs.run('reading', 'exportGrades', { ending: '__proto__' })).rejects.toMatchObject({
      status: 404,
    });
  });

  it('ends when whoever asked goes away, and works on for others', async () => {
    const leaving = new AbortController();
    const abandoned = jobs.run('heavy', 'calculateModel', draws(100_000), { signal: leaving.signal });
    setTimeout(() => leaving.abort(), 300);
    await expect(abandoned).rejects.toMatchObject({ status: 499 });
    expect((await jobs.run('heavy', 'calculateModel', draws(10))).status).toBe(200);
  });

  it('says so when a task needs more memory than a thread may have, and lives on', async () => {
    const small = new Jobs(join(folder, 'x.db'), { memoryMB: 8 });
    for (let i = 0; i < 2; i++)
      await expect(small.run('heavy', 'calculateModel', draws(10))).rejects.toMatchObject({
        status: 507,
        problems: [
          { message: expect.stringContaining('more memory than one task may have (8 MB)') as string },
        ],
      });
    await small.close();
  });

  it('takes only so many at once; the rest are told to come again', async () => {
    const beam = { case: 'cantilever', forceN: 10, lengthMm: 60, widthMm: 12, heightMm: 8, modulusMPa: 2e3 };
    // All are asked for before the first can have been answered, however quick it is.
    const asked = await Promise.allSettled(
      Array.from({ length: 90 }, () => jobs.run('heavy', 'calculateModel', { id: 'load.beam', body: beam })),
    );
    const refused = asked
      .filter(a => a.status === 'rejected')
      .map(a => (a.reason as { status: number }).status);
    expect(refused.length).toBeGreaterThan(10);
    expect(new Set(refused)).toEqual(new Set([503]));
    expect(asked.length - refused.length).toBeGreaterThanOrEqual(64);
  });

  it('what still waits when the server stops is told so', async () => {
    const others = new Jobs(join(folder, 'x.db'));
    const waiting = others.run('heavy', 'calculateModel', draws(100_000));
    setTimeout(() => void others.close(), 300);
    await expect(waiting).rejects.toMatchObject({ status: 503 });
  });
});
