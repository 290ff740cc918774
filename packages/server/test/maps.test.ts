import { DAY_MS } from '@hornblende/core/lib';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { openDatabase } from '../src/db/database.js';
import { forgetUnusedPhotos } from '../src/db/unused-photos.js';
import { png } from './pictures.js';
import { runningApi } from './running.js';

const api = runningApi();
const { call } = api;

const map = (change: object = {}): { map: object } => ({
  map: { format: 'hornblende-map', version: 1, name: 'Garden', ...change },
});
const pond = { name: 'Pond', x: 0.1, y: 0.1, width: 0.4, height: 0.4 };
const place = async (name: string): Promise<string> => {
  const placement = {
    ...{ format: 'hornblende-service', version: 1, name, since: '2024-03-01' },
    materials: [{ material: 'asa' }],
    place: { where: 'Pond' },
  };
  return String((await call('POST', '/api/placements', { placement })).body.id);
};
const spot = (placementId: string): object => ({ placementId, x: 0.7, y: 0.2 });

describe('maps of places', () => {
  it('are drawn, listed by name, changed by revision and removed', async () => {
    const shelf = await call('POST', '/api/maps', map({ name: 'Shelf' }));
    const made = await call('POST', '/api/maps', map({ areas: [pond] }));
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ revision: 1, map: { proportion: 1.6, areas: [pond], spots: [] } });
    const id = String(made.body.id);
    const change = { ...map({ name: 'Yard' }), revision: 1 };
    expect((await call('PUT', `/api/maps/${id}`, change)).status).toBe(200);
    expect((await call('PUT', `/api/maps/${id}`, change)).status).toBe(409);
    const names = ((await call('GET', '/api/maps')).body as unknown as { map: { name: string } }[]).map(
      m => m.map.name,
    );
    expect(names).toEqual(['Shelf', 'Yard']);
    for (const gone of [id, String(shelf.body.id)])
      expect((await call('DELETE', `/api/maps/${gone}`)).status).toBe(204);
    expect((await call('GET', `/api/maps/${id}`)).status).toBe(404);
  });

  it('are refused where a place leaves the sheet, with the field and what is allowed', async () => {
    const wide = await call('POST', '/api/maps', map({ areas: [{ ...pond, x: 0.8 }] }));
    expect(wide.status).toBe(400);
    expect(wide.body.errors?.[0]).toMatchObject({ field: 'map.areas[0].width', value: 0.4 });
    const photo = { sha256: 'a'.repeat(64) };
    const unsent = await call('POST', '/api/maps', map({ photo }));
    expect(unsent.body.errors?.[0]).toMatchObject({
      field: 'map.photo.sha256',
      message: 'is not kept here; send it first',
    });
  });

  it('forget a part that is removed, and keep the others where they were put', async () => {
    const gone = await place('Goes');
    const stays = await place('Stays');
    const { id } = (await call('POST', '/api/maps', map({ spots: [spot(gone), spot(stays)] }))).body;
    expect((await call('DELETE', `/api/placements/${gone}`)).status).toBe(204);
    const { body } = await call('GET', `/api/maps/${String(id)}`);
    expect(body).toMatchObject({ map: { spots: [spot(stays)] } });
    expect((body.map as { spots: unknown[] }).spots).toHaveLength(1);
  });

  it('keep the picture beneath them, however long it lies there', async () => {
    const response = await fetch(`${api.server().url}/api/photos`, {
      method: 'POST',
      body: new Uint8Array(png(7)),
    });
    const { sha256 } = (await response.json()) as { sha256: string };
    const made = await call('POST', '/api/maps', map({ photo: { sha256, caption: '' } }));
    expect(made.body).toMatchObject({ map: { photo: { sha256 } } });
    const db = await openDatabase(join(api.dataDir, 'hornblende.db'));
    await forgetUnusedPhotos(db, Date.now() + 30 * DAY_MS);
    expect(await db('photos').where({ sha256 }).first('sha256')).toEqual({ sha256 });
    await db.destroy();
  });
});
