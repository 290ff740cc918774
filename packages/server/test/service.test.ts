import { unzipSync } from 'fflate';
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { DAY_MS } from '@hornblende/core/lib';
import { PhotoStore } from '../src/db/photos.js';
import { forgetUnusedPhotos } from '../src/db/unused-photos.js';
import { Jobs } from '../src/jobs/jobs.js';
import { openDatabase } from '../src/db/database.js';
import { exportTo, importFrom } from '../src/index.js';
import { jpeg, png } from './pictures.js';
import { brief, runningApi } from './running.js';

const api = runningApi();
const { call, dataDir } = api;
const folders: string[] = [];
afterAll(() => {
  for (const f of folders) rmSync(f, { recursive: true, force: true });
});

const placement = (change: object = {}): object => ({
  placement: {
    format: 'hornblende-service',
    version: 1,
    name: 'Foot',
    since: '2020-03-01',
    materials: [{ material: 'asa' }],
    place: { where: 'Orchard', sun: 'full', water: 'rain' },
    ...change,
  },
});
let made = 0;
const look = (placementId: string, change: object = {}): { id: string; inspection: object } => {
  const id = `look-${String(++made).padStart(5, '0')}`;
  return { id, inspection: { id, placementId, at: '2025-03-01T10:00:00Z', verdict: 'fine', ...change } };
};
const send = ({ id, inspection }: ReturnType<typeof look>): ReturnType<typeof call> =>
  call('PUT', `/api/inspections/${id}`, { inspection });
const place = async (change: object = {}): Promise<string> =>
  String((await call('POST', '/api/placements', placement(change))).body.id);
const sendPhoto = async (bytes: Buffer): Promise<{ status: number; body: Record<string, unknown> }> => {
  const response = await fetch(`${api.server().url}/api/photos`, {
    method: 'POST',
    body: new Uint8Array(bytes),
  });
  return { status: response.status, body: (await response.json()) as Record<string, unknown> };
};

describe('parts in service', () => {
  it('are placed, listed by place with how they stand and when they are due, changed, removed', async () => {
    const id = await place({ name: 'A listed foot', code: 'AB12' });
    await send(look(id));
    const { body } = await call('GET', '/api/placements');
    const listed = (body as unknown as { id: string; standing: object; due: object }[]).find(
      p => p.id === id,
    )!;
    expect(listed.standing).toMatchObject({ verdict: 'fine', ended: false, looks: 1 });
    expect(listed.due).toMatchObject({ on: '2025-08-31', because: ['it nears the life that was asked'] });
    const change = { ...placement({ name: 'Renamed', code: 'AB12' }), revision: 1 };
    expect((await call('PUT', `/api/placements/${id}`, change)).status).toBe(200);
    expect((await call('PUT', `/api/placements/${id}`, change)).status).toBe(409);
    expect((await call('DELETE', `/api/placements/${id}`)).status).toBe(204);
    // Its looks go with it.
    expect((await call('GET', `/api/placements/${id}/inspections`)).status).toBe(404);
  });

  it('are refused where they name what is not there, or a code that is taken', async () => {
    const fields = async (change: object): Promise<unknown> =>
      (await call('POST', '/api/placements', placement(change))).body.errors?.map(e => e.field);
    expect(await fields({ materials: [{ material: 'cheese' }] })).toEqual([
      'placement.materials[0].material',
    ]);
    expect(await fields({ partId: 'nowhere' })).toEqual(['placement.partId']);
    expect(await fields({ since: 'last spring' })).toEqual(['placement.since']);
    await place({ code: 'TAKN' });
    const twice = await call('POST', '/api/placements', placement({ code: 'TAKN' }));
    expect(twice.body.errors?.[0]).toMatchObject({
      field: 'placement.code',
      message: 'stands on “Foot” already',
    });
  });

  it('stay out there when the part that they are of is removed', async () => {
    const part = String((await call('POST', '/api/parts', { brief: brief({ name: 'Gone soon' }) })).body.id);
    const id = await place({ partId: part });
    const { revision } = (await call('GET', `/api/parts/${part}`)).body;
    await call('PUT', `/api/parts/${part}`, {
      brief: brief({ name: 'Gone soon' }),
      archived: true,
      revision,
    });
    expect((await call('DELETE', `/api/parts/${part}`)).status).toBe(204);
    expect((await call('GET', `/api/placements/${id}`)).body).toMatchObject({ placement: { partId: null } });
  });
});

describe('looks', () => {
  it('sent twice are one look, and come in any order', async () => {
    const id = await place();
    const first = look(id, { at: '2021-05-01T10:00:00Z' });
    const failed = look(id, { at: '2024-05-01T10:00:00Z', verdict: 'failed', mode: 'cracked' });
    expect((await send(failed)).status).toBe(201);
    expect((await send(first)).status).toBe(201);
    expect((await send(first)).status).toBe(200);
    const all = (await call('GET', `/api/placements/${id}/inspections`)).body as unknown as { id: string }[];
    expect(all.map(l => l.id)).toEqual([failed.id, first.id]);
    const rows = (await call('GET', '/api/placements')).body as unknown as { id: string; standing: object }[];
    expect(rows.find(p => p.id === id)!.standing).toMatchObject({ ended: true, mode: 'cracked', looks: 2 });
    // And how it was found, the oldest first.
    const { seen } = rows.find(p => p.id === id) as unknown as { seen: { years: number; verdict: string }[] };
    expect(seen.map(s => s.verdict)).toEqual(['fine', 'failed']);
    expect(seen[1]!.years - seen[0]!.years).toBeCloseTo(3, 1);
  });

  it('under an id that is another look’s are refused with what stands there', async () => {
    const id = await place();
    const one = look(id);
    await send(one);
    const other = await send({ ...one, inspection: { ...one.inspection, verdict: 'worn' } });
    expect(other.status).toBe(409);
    expect(other.body).toMatchObject({ current: { verdict: 'fine' } });
  });

  it('are struck and counted again, never removed', async () => {
    const id = await place();
    const slip = look(id, { verdict: 'lost' });
    await send(slip);
    expect((await call('POST', `/api/inspections/${slip.id}/strike`, { struck: true })).body).toMatchObject({
      struck: true,
    });
    // A phone that sends it again after that does not bring it back.
    expect((await send(slip)).status).toBe(200);
    const rows = (await call('GET', '/api/placements')).body as unknown as { id: string; standing: object }[];
    expect(rows.find(p => p.id === id)!.standing).toMatchObject({ ended: false, looks: 0 });
  });

  it('of a part that is not there, or with a picture that was not sent, are refused by name', async () => {
    expect((await send(look('nowhere'))).status).toBe(404);
    const id = await place();
    const without = await send(look(id, { photos: [{ sha256: 'a'.repeat(64) }] }));
    expect(without.body.errors?.[0]).toMatchObject({ field: 'inspection.photos[0].sha256' });
    const elsewhere = look(id);
    expect(
      (await call('PUT', '/api/inspections/another-id', { inspection: elsewhere.inspection })).status,
    ).toBe(400);
    expect((await call('PUT', `/api/inspections/${elsewhere.id}`, {})).body.errors?.[0]?.field).toBe(
      'inspection',
    );
  });
});

describe('photographs', () => {
  it('are known by their content, kept once under their hash, without where they were taken', async () => {
    const one = await sendPhoto(png(100));
    expect(one).toMatchObject({ status: 201, body: { type: 'image/png', width: 4, height: 4 } });
    const sha = String(one.body.sha256);
    expect((await sendPhoto(png(100, 'somewhere else'))).body.sha256).toBe(sha);
    const back = await fetch(`${api.server().url}/api/photos/${sha}`);
    expect(back.headers.get('content-type')).toBe('image/png');
    const bytes = Buffer.from(await back.arrayBuffer());
    expect(bytes.includes('54.1')).toBe(false);
    expect(readFileSync(join(dataDir, 'photos', sha.slice(0, 2), `${sha}.png`)).equals(bytes)).toBe(true);
    const picture = await sendPhoto(await jpeg('Upper apiary'));
    expect(picture).toMatchObject({ status: 201, body: { type: 'image/jpeg', width: 8, height: 8 } });
    const kept = await fetch(`${api.server().url}/api/photos/${String(picture.body.sha256)}`);
    expect(Buffer.from(await kept.arrayBuffer()).includes('Upper apiary')).toBe(false);
  });

  it('that are none, or too large, are refused', async () => {
    expect((await sendPhoto(Buffer.from('<svg onload="alert(1)"/>'))).status).toBe(415);
    expect((await sendPhoto(Buffer.from('GIF89a\x01\0\x01\0'))).status).toBe(415);
    expect((await sendPhoto(Buffer.alloc(0))).status).toBe(400);
    expect((await sendPhoto(Buffer.alloc(2 ** 21 + 1))).status).toBe(413);
    expect((await call('GET', `/api/photos/${'0'.repeat(64)}`)).status).toBe(404);
  });

  it('without a row are swept, once they are old enough to be no write in hand', async () => {
    const db = await openDatabase(join(dataDir, 'hornblende.db'));
    const stray = join(dataDir, 'photos', 'stray.part');
    writeFileSync(stray, 'x');
    const kept = readdirSync(join(dataDir, 'photos'), { recursive: true }).length;
    const store = new PhotoStore(db, join(dataDir, 'photos'));
    expect(await store.sweep(Date.now())).toBe(0);
    utimesSync(stray, 0, 0);
    expect(await store.sweep(Date.now())).toBe(1);
    expect(readdirSync(join(dataDir, 'photos'), { recursive: true })).toHaveLength(kept - 1);
    await db.destroy();
  });

  it('that nothing names are forgotten after a week; those of looks and of places stay', async () => {
    const db = await openDatabase(join(dataDir, 'hornblende.db'));
    const id = await place();
    const used = (await sendPhoto(png(201))).body.sha256;
    await send(look(id, { photos: [{ sha256: used, caption: '' }] }));
    const placed = (await sendPhoto(png(203))).body.sha256;
    await place({ photos: [{ sha256: placed, caption: '' }] });
    const unused = (await sendPhoto(png(202))).body.sha256;
    const kept = async (): Promise<string[]> =>
      ((await db('photos').select('sha256')) as { sha256: string }[]).map(r => r.sha256);
    const soon = Date.now() + 6 * DAY_MS;
    expect(await forgetUnusedPhotos(db, soon)).toBe(0);
    expect(await kept()).toContain(unused);
    const before = await kept();
    // In a thread, as the daily round has it.
    const jobs = new Jobs(join(dataDir, 'hornblende.db'));
    const now = Date.now() + 8 * DAY_MS;
    expect(await jobs.run('checking', 'forgetPhotos', { now })).toBeGreaterThan(0);
    await jobs.close();
    const after = await kept();
    expect(after).toEqual(expect.arrayContaining([used, placed]));
    expect(after).not.toContain(unused);
    expect(before.length).toBeGreaterThan(after.length);
    await db.destroy();
  });

  it('go into an archive as files, and come out of it beside another database', async () => {
    const sha = String((await sendPhoto(png(42))).body.sha256);
    const id = await place({ name: 'Photographed', photos: [{ sha256: sha }] });
    await send(look(id, { photos: [{ sha256: sha, caption: 'its first crack' }] }));
    const folder = mkdtempSync(join(tmpdir(), 'hornblende-photos-'));
    folders.push(folder);
    const archive = join(folder, 'all.zip');
    await exportTo(archive, dataDir, 'test');
    expect(Object.keys(unzipSync(readFileSync(archive)))).toContain(`photos/${sha}.bin`);
    const other = join(folder, 'other');
    await importFrom(archive, other, () => Promise.resolve(true));
    expect(existsSync(join(other, 'photos', sha.slice(0, 2), `${sha}.png`))).toBe(true);
    // A second time there is nothing left to do.
    await importFrom(archive, other, preview => {
      expect(preview.kinds.every(k => k.adds + k.changes + k.conflicts === 0)).toBe(true);
      return Promise.resolve(false);
    });
  });
});

describe('what parts in service tell', () => {
  it('is worked out by family, with the field’s word and what was predicted', async () => {
    const id = await place({
      name: 'In the car',
      materials: [{ material: 'pla' }],
      place: { where: 'Car', heat: 'closed-vehicle' },
    });
    await send(look(id, { at: '2020-08-01T10:00:00Z', verdict: 'failed', mode: 'deformed' }));
    const { body } = await call('GET', '/api/service/evidence?by=family');
    const { groups, record, field } = body as unknown as {
      groups: { key: string; survival: { parts: number; failures: number } }[];
      record: Record<string, number>;
      field: { family: string; factor: number }[];
    };
    expect(groups.find(g => g.key === 'pla')!.survival).toMatchObject({ parts: 1, failures: 1 });
    expect(record.foreseen).toBeGreaterThanOrEqual(1);
    const happened = await call('GET', `/api/placements/${id}/happened`);
    expect(happened.body).toMatchObject({ id, verdict: 'foreseen', mode: 'deformed' });
    expect((await call('GET', '/api/placements/nobody/happened')).status).toBe(404);
    expect(field.find(f => f.family === 'asa')!.factor).toBeGreaterThan(0);
    expect((await call('GET', '/api/service/evidence?by=mood')).body.errors?.[0]?.field).toBe('by');
  });

  it('lists what the models said beside what happened, what teaches most first, in pages', async () => {
    const shelf = await place({
      name: 'On the shelf',
      since: '2020-01-01',
      materials: [{ material: 'pla' }],
      place: { where: 'Hall', heat: 'indoors' },
    });
    await send(look(shelf, { at: '2024-01-01T10:00:00Z' }));
    const gone = await place({
      name: 'Cracked indoors',
      since: '2020-01-01',
      materials: [{ material: 'pla' }],
      place: { where: 'Hall', heat: 'indoors' },
    });
    await send(look(gone, { at: '2021-01-01T10:00:00Z', verdict: 'failed', mode: 'worn' }));
    type Row = { id: string; name: string; material: string; verdict: string; years: number };
    const whole = (await call('GET', '/api/service/happened')).body as unknown as Row[];
    expect(whole.findIndex(h => h.id === gone)).toBeLessThan(whole.findIndex(h => h.id === shelf));
    expect(whole.find(h => h.id === shelf)).toMatchObject({
      name: 'On the shelf',
      material: 'pla',
      verdict: 'right',
    });
    const byPages: Row[] = [];
    for (let path: string | null = '/api/service/happened?limit=2'; path;) {
      const page: Response = await fetch(api.server().url + path);
      byPages.push(...((await page.json()) as Row[]));
      path = /<([^>]+)>; rel="next"/.exec(page.headers.get('link') ?? '')?.[1] ?? null;
    }
    expect(byPages).toEqual(whole);
    const wrong = await call('GET', '/api/service/happened?after=nonsense');
    expect(wrong.body.errors?.[0]?.field).toBe('after');
  });

  it('names the parts that groups stand for, under the names that they have now', async () => {
    const made = await call('POST', '/api/parts', { brief: brief({ name: 'Foot' }) });
    const { id, revision } = made.body as { id: string; revision: number };
    await place({ name: 'One of them', partId: id });
    const parts = async (by: string): Promise<unknown> =>
      (await call('GET', `/api/service/evidence?by=${by}`)).body.parts;
    expect(await parts('part')).toEqual({ [id]: 'Foot' });
    await call('PUT', `/api/parts/${id}`, { brief: brief({ name: 'Levelling foot' }), revision });
    expect(await parts('part')).toEqual({ [id]: 'Levelling foot' });
    expect(await parts('sun')).toEqual({});
  });

  it('is remembered until something is written, and by each grouping for itself', async () => {
    const keys = async (by: string): Promise<string[]> => {
      const { body } = await call('GET', `/api/service/evidence?by=${by}`);
      return (body as unknown as { groups: { key: string }[] }).groups.map(g => g.key);
    };
    const before = await keys('family');
    expect(await keys('family')).toEqual(before);
    expect(await keys('colour')).not.toEqual(before);
    const id = await place({ name: 'New one', materials: [{ material: 'pp' }] });
    expect(before).not.toContain('pp');
    expect(await keys('family')).toContain('pp');
    await send(look(id, { verdict: 'failed', mode: 'chewed' }));
    const { body } = await call('GET', '/api/service/evidence?by=family');
    const { groups } = body as unknown as { groups: { key: string; survival: { failures: number } }[] };
    expect(groups.find(g => g.key === 'pp')!.survival.failures).toBe(1);
  });

  it('goes out as a calendar whose events keep their ids, and as a table', async () => {
    const id = await place({ name: '=Sum of a foot', code: 'CAL1' });
    const calendar = async (): Promise<string> =>
      (await fetch(`${api.server().url}/api/service/due.ics`)).text();
    const first = await calendar();
    const second = await calendar();
    expect(first).toContain('BEGIN:VCALENDAR');
    expect(first).toContain(`UID:${id}@hornblende`);
    expect(second.match(/UID:\S+/g)).toEqual(first.match(/UID:\S+/g));
    expect(first).toContain('DTSTART;VALUE=DATE:2020');
    const csv = await (await fetch(`${api.server().url}/api/service/parts.csv`)).text();
    expect(csv).toContain("CAL1,'=Sum of a foot,Orchard,asa");
  });
});
