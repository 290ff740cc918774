import { readMesh } from '@hornblende/core/geometry';
import { describe, expect, it } from 'vitest';
import { runningApi } from './running.js';

const { call, server } = runningApi();

/** A coupon's file. */
async function fileOf(path: string): Promise<{ status: number; type: string | null; bytes: Uint8Array }> {
  const answer = await fetch(`${server().url}/api/coupons/${path}`);
  const bytes = new Uint8Array(await answer.arrayBuffer());
  return { status: answer.status, type: answer.headers.get('content-type'), bytes };
}

describe('coupons', () => {
  it('are listed with their numbers', async () => {
    const { body } = await call('GET', '/api/coupons');
    const kinds = body as unknown as { id: string; inputs: { name: string; unit: string }[] }[];
    expect(kinds.map(k => k.id)).toEqual(expect.arrayContaining(['warp-bar', 'gauge', 'latch']));
    expect(kinds.find(k => k.id === 'warp-bar')!.inputs).toContainEqual(
      expect.objectContaining({ name: 'lengthMm', unit: 'mm' }),
    );
  });
  it('come as STL and 3MF of the sizes asked for', async () => {
    const stl = await fileOf('warp-bar.stl?lengthMm=200&heightMm=8');
    expect(stl).toMatchObject({ status: 200, type: 'model/stl' });
    const { positions } = readMesh('a.stl', stl.bytes);
    expect(Math.max(...positions.filter((_, i) => i % 3 === 0))).toBe(200);
    expect(Math.max(...positions.filter((_, i) => i % 3 === 2))).toBe(8);
    // A code is text, even where it looks like a number.
    const plain = await fileOf('swatch.stl');
    expect((await fileOf('swatch.stl?code=007')).bytes.length).toBeGreaterThan(2 * plain.bytes.length);
    const threeMf = await fileOf('gauge.3mf');
    expect(threeMf.type).toBe('model/3mf');
    expect(readMesh('a.3mf', threeMf.bytes).positions.length).toBeGreaterThan(9 * 200);
  });
  it('come together on one plate, and say what they want where they do not fit', async () => {
    const plate = await fileOf('plate.3mf?pieces=warp-bar:2,swatch:3&x=220&y=200&mark=B');
    expect(plate).toMatchObject({ status: 200, type: 'model/3mf' });
    const { positions } = readMesh('plate.3mf', plate.bytes);
    expect(Math.max(...positions.filter((_, i) => i % 3 === 0))).toBeLessThanOrEqual(220);
    // Each is engraved with a code of its own.
    const plain = await fileOf('plate.3mf?pieces=warp-bar:2,swatch:3&x=220&y=200');
    expect(plate.bytes.length).toBeGreaterThan(2 * plain.bytes.length);
    const refused = async (query: string): Promise<unknown> =>
      (await call('GET', `/api/coupons/plate.3mf?${query}`)).body;
    expect(await refused('pieces=warp-bar:9&x=120&y=100')).toMatchObject({
      errors: [{ field: 'pieces', value: 9 }],
    });
    expect(await refused('pieces=warp-bar')).toMatchObject({
      errors: [{ field: 'pieces', value: 'warp-bar' }],
    });
    expect(await refused('pieces=swatch:1&x=wide')).toMatchObject({
      errors: [{ field: 'x', value: 'wide' }],
    });
  });
  it('are refused by name where the kind, the file or a number is none', async () => {
    const problem = async (path: string): Promise<unknown> =>
      (await call('GET', `/api/coupons/${path}`)).body;
    expect(await problem('teapot.stl')).toMatchObject({ errors: [{ field: 'kind', value: 'teapot' }] });
    expect(await problem('gauge.obj')).toMatchObject({ errors: [{ field: 'file', value: 'gauge.obj' }] });
    expect(await problem('gauge.stl?lengthMm=long')).toMatchObject({
      errors: [{ field: 'lengthMm', value: 'long' }],
    });
    expect(await problem('gauge.stl?lengthMm=1&colour=red')).toMatchObject({
      errors: expect.arrayContaining([expect.objectContaining({ field: 'lengthMm', value: 1 })]) as unknown,
    });
  });
});
