import { describe, expect, it } from 'vitest';
import { brief, runningApi } from './running.js';

const { call, server } = runningApi();

/** A bar of 60 × 12 × 8 mm, as OBJ. */
const bar = [
  ...Array.from({ length: 8 }, (_, a) => `v ${a & 1 ? 60 : 0} ${a & 2 ? 12 : 0} ${a & 4 ? 8 : 0}`),
  ...['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', '2 4 8 6'].map(f => `f ${f}`),
].join('\n');
const asked = {
  ...{ modulusMPa: 2000, layerRatio: 1, cellMm: 2 },
  held: [{ atMm: [0, 6, 4] }],
  acts: [{ atMm: [60, 6, 4], forceN: [0, 0, -10] }],
};

/** A part, with the bar as its file unless told otherwise. */
async function part(file: string | null = bar): Promise<string> {
  const { body } = await call('POST', '/api/parts', { brief: brief() });
  const path = `/api/parts/${body.id as string}/shape`;
  if (file !== null) {
    const kept = await fetch(`${server().url}${path}?name=bar.obj`, { method: 'PUT', body: file });
    expect(kept.status).toBe(200);
  }
  return path;
}

describe('the shape of a part, by the API', () => {
  it('is worked out under load as on the command line', async () => {
    const { status, body } = await call('POST', `${await part()}/stress`, asked);
    expect(status).toBe(200);
    expect(body.cells).toBe(30 * 6 * 4);
    expect((body.acts as { deflectionMm: number }[])[0]!.deflectionMm).toBeCloseTo(0.696, 2);
    expect(body).not.toHaveProperty('u');
  });
  it('warps', async () => {
    const figures = { alphaPerK: 90e-6, solidificationC: 105, bedC: 100, chamberC: 40, cellMm: 2 };
    const { status, body } = await call('POST', `${await part()}/warp`, figures);
    expect(status).toBe(200);
    expect(body.bowMm).toBeGreaterThan(0.05);
    expect(body.edges).toHaveLength(4);
  });
  it('is long work for whoever asks so, with its answer at the job', async () => {
    const path = `${server().url}${await part()}/stress`;
    const begun = await fetch(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Prefer: 'respond-async' },
      body: JSON.stringify(asked),
    });
    expect(begun.status).toBe(202);
    const at = begun.headers.get('Location')!;
    let job = (await call('GET', at)).body;
    while (job.state === 'running') {
      await new Promise(ok => setTimeout(ok, 20));
      job = (await call('GET', at)).body;
    }
    expect(job.state).toBe('done');
    expect((job.result as { cells: number }).cells).toBe(720);
  });
  it('says what is wrong: no file, a field, nothing held, an open shape', async () => {
    expect((await call('POST', `${await part(null)}/stress`, asked)).status).toBe(404);
    const path = await part();
    const bad = await call('POST', `${path}/stress`, { ...asked, modulusMPa: -1 });
    expect(bad.status).toBe(400);
    expect(bad.body.errors![0]!.field).toBe('modulusMPa');
    const free = await call('POST', `${path}/stress`, { ...asked, held: [] });
    expect(free.body.errors![0]).toMatchObject({ field: 'held' });
    const open = await part(bar.replace('f 2 4 8 6', ''));
    expect((await call('POST', `${open}/stress`, asked)).status).toBe(400);
  });
});
