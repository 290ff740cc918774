import { mkdtempSync, rmSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer, type Running } from '../src/index.js';
import { isPrivate, networkAddresses } from '../src/share/network-address.js';
import { openDatabase } from '../src/db/database.js';
import { PhoneStore } from '../src/db/phones.js';
import { Pairing } from '../src/share/pairing.js';
import { png } from './pictures.js';

const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-share-'));
let server: Running;
let placementId: string;

beforeAll(async () => {
  // A second address of this machine, which the desk's own guard does not know.
  server = await startServer({ dataDir, port: 0, share: { host: '127.0.0.2', plain: true } });
  const made = await desk('POST', '/api/placements', {
    placement: {
      format: 'hornblende-service',
      version: 1,
      name: 'Foot',
      since: '2020-03-01',
      materials: [{ material: 'asa' }],
      place: { where: 'Orchard', sun: 'full' },
    },
  });
  placementId = String(made.body.id);
});
afterAll(async () => {
  await server.close();
  rmSync(dataDir, { recursive: true, force: true });
});

interface Answer {
  status: number;
  body: Record<string, unknown>;
  cookie: string;
}
async function asked(
  url: string,
  method: string,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<Answer> {
  const isBytes = body instanceof Uint8Array;
  const response = await fetch(url + path, {
    method,
    headers: { ...(body === undefined || isBytes ? {} : { 'Content-Type': 'application/json' }), ...headers },
    ...(body === undefined ? {} : { body: isBytes ? new Uint8Array(body) : JSON.stringify(body) }),
  });
  const text = await response.text();
  return {
    status: response.status,
    body: (/^[{[]/.test(text) ? JSON.parse(text) : { text }) as Record<string, unknown>,
    cookie: (response.headers.get('set-cookie') ?? '').split(';')[0]!,
  };
}
const desk = (method: string, path: string, body?: unknown): Promise<Answer> =>
  asked(server.url, method, path, body);
const phone = (method: string, path: string, body?: unknown, cookie = ''): Promise<Answer> =>
  asked(server.sharedUrl!, method, path, body, cookie ? { Cookie: cookie } : {});

const freshCode = async (): Promise<string> => String((await desk('POST', '/api/phones/code')).body.code);
async function paired(name: string): Promise<string> {
  const { cookie } = await phone('POST', '/api/pair', { code: await freshCode(), name });
  return cookie;
}
const fault = (change: object = {}): object => ({
  fault: { format: 'hornblende-fault', version: 1, symptoms: ['strings'], ...change },
});
const look = (id: string): object => ({
  inspection: { id, placementId, at: '2025-03-01T10:00:00Z', verdict: 'fine' },
});

describe('phones', () => {
  it('are answered nothing before they are paired', async () => {
    expect((await phone('GET', '/api/placements')).status).toBe(401);
    expect((await phone('PUT', '/api/inspections/look-0001', look('look-0001'))).status).toBe(401);
    expect((await phone('GET', '/api/placements', undefined, 'hornblende-phone=guessed')).status).toBe(401);
    expect((await phone('GET', '/api/health')).body).toMatchObject({ status: 'ok', phone: true });
  });

  it('are paired by the code on the desk’s screen, once', async () => {
    const code = await freshCode();
    const wrong = code === '000000' ? '000001' : '000000';
    expect((await phone('POST', '/api/pair', { code: wrong, name: 'Nobody' })).status).toBe(403);
    const first = await phone('POST', '/api/pair', { code, name: 'Una’s' });
    expect(first.status).toBe(201);
    expect((await phone('POST', '/api/pair', { code, name: 'A replay' })).status).toBe(403);
    expect((await phone('GET', '/api/placements', undefined, first.cookie)).status).toBe(200);
  });

  it('write looks and photographs, and see or do nothing else', async () => {
    const cookie = await paired('Bram’s');
    const photo = await phone('POST', '/api/photos', png(7), cookie);
    expect(photo.status).toBe(201);
    expect((await phone('GET', `/api/photos/${String(photo.body.sha256)}`, undefined, cookie)).status).toBe(
      200,
    );
    expect((await phone('PUT', '/api/inspections/look-0002', look('look-0002'), cookie)).status).toBe(201);
    expect((await phone('PUT', '/api/inspections/look-0002', look('look-0002'), cookie)).status).toBe(200);
    for (const [method, path] of [
      ['GET', '/api/parts'],
      ['GET', '/api/archive'],
      ['GET', '/api/phones'],
      ['POST', '/api/phones/code'],
      ['DELETE', `/api/placements/${placementId}`],
      ['POST', '/api/inspections/look-0002/strike'],
      ['POST', '/api/rank'],
      ['GET', '/api/trials'],
      ['POST', '/api/trials'],
    ] as const)
      expect([path, (await phone(method, path, method === 'GET' ? undefined : {}, cookie)).status]).toEqual([
        path,
        403,
      ]);
  });

  it('sign their looks where nobody is named, and write none from the future', async () => {
    const cookie = await paired('Una’s phone');
    const sent = await phone('PUT', '/api/inspections/look-0007', look('look-0007'), cookie);
    expect(sent.body.by).toBe('Una’s phone');
    const named = { inspection: { ...(look('look-0008') as { inspection: object }).inspection, by: 'Bram' } };
    expect((await phone('PUT', '/api/inspections/look-0008', named, cookie)).body.by).toBe('Bram');
    const far = new Date(Date.now() + 3 * 86_400_000).toISOString();
    const ahead = { inspection: { ...(look('look-0009') as { inspection: object }).inspection, at: far } };
    const refused = await phone('PUT', '/api/inspections/look-0009', ahead, cookie);
    expect(refused.status).toBe(400);
    expect(JSON.stringify(refused.body)).toContain('must not lie in the future');
  });

  it('read open trials at the bench, a figure at a time', async () => {
    const cookie = await paired('At the bench');
    const trial = {
      format: 'hornblende-trial',
      version: 1,
      name: 'By phone',
      criteria: [{ id: 'mass', label: 'Mass', unit: 'g' }],
      entrants: [{ material: 'asa' }],
    };
    const { id } = (await desk('POST', '/api/trials', { trial })).body as { id: string };
    const open = await phone('GET', '/api/bench', undefined, cookie);
    expect(open.body).toMatchObject([{ id, names: { asa: 'ASA' } }]);
    const reading = { criterion: 'mass', value: 12.5, at: '2026-11-20T10:00:00Z' };
    const put = await phone('PUT', `/api/bench/${id}/readings`, { material: 'asa', reading }, cookie);
    expect(put.status).toBe(200);
    const kept = (await desk('GET', `/api/trials/${id}`)).body;
    expect(kept).toMatchObject({ trial: { entrants: [{ readings: [{ value: 12.5 }] }] } });
    expect((await phone('GET', '/api/bench')).status).toBe(401);
  });

  it('two that send in two orders lose nothing and double nothing', async () => {
    const one = await paired('One');
    const two = await paired('Two');
    const ids = ['order-0001', 'order-0002', 'order-0003', 'order-0004'];
    await Promise.all([
      ...ids.map(id => phone('PUT', `/api/inspections/${id}`, look(id), one)),
      ...[...ids].reverse().map(id => phone('PUT', `/api/inspections/${id}`, look(id), two)),
    ]);
    const { body } = await desk('GET', `/api/placements/${placementId}/inspections`);
    const seen = (body as unknown as { id: string }[]).map(l => l.id).filter(id => id.startsWith('order'));
    expect(seen.sort()).toEqual(ids);
  });

  it('are refused once they are withdrawn, and the others are not', async () => {
    const lost = await paired('Lost');
    const kept = await paired('Kept');
    const { phones } = (await desk('GET', '/api/phones')).body as unknown as {
      phones: { id: string; name: string }[];
    };
    const { id } = phones.find(p => p.name === 'Lost')!;
    expect((await desk('POST', `/api/phones/${id}/withdrawal`)).status).toBe(204);
    expect((await phone('GET', '/api/placements', undefined, lost)).status).toBe(401);
    expect((await phone('GET', '/api/placements', undefined, kept)).status).toBe(200);
    // Its key is nowhere: only a hash of it is kept.
    expect(JSON.stringify(phones)).not.toContain(lost.split('=')[1]);
  });

  it('from another site or under another name are refused, at both addresses', async () => {
    const cookie = await paired('Guarded');
    const foreign = { Origin: 'http://elsewhere.example', Cookie: cookie };
    expect((await asked(server.sharedUrl!, 'GET', '/api/placements', undefined, foreign)).status).toBe(403);
    const named = async (url: string, host: string): Promise<number> =>
      new Promise((resolve, reject) => {
        const { hostname, port } = new URL(url);
        const headers = { Host: host, Cookie: cookie };
        const req = request({ hostname, port, path: '/api/placements', headers }, r => {
          r.resume();
          resolve(r.statusCode ?? 0);
        });
        req.on('error', reject);
        req.end();
      });
    const sharedPort = new URL(server.sharedUrl!).port;
    expect(await named(server.sharedUrl!, `127.0.0.2:${sharedPort}`)).toBe(200);
    expect(await named(server.sharedUrl!, `localhost:${sharedPort}`)).toBe(403);
    expect(await named(server.sharedUrl!, 'rebound.example')).toBe(403);
    expect(await named(server.url, `127.0.0.2:${server.port}`)).toBe(403);
  });
});

describe('a pairing code', () => {
  it('runs out, and goes away after too many guesses', () => {
    let now = 0;
    const pairing = new Pairing(() => now);
    const { code } = pairing.fresh();
    now = 10 * 60_000 + 1;
    expect(pairing.redeem(code)).toBe(false);
    const second = pairing.fresh();
    for (let n = 0; n < 8; n++) expect(pairing.redeem('nothing', '10.0.0.9')).toBe(false);
    // Whoever guessed is not heard any more, even with the right one; whoever reads it off the screen is.
    expect(pairing.redeem(second.code, '10.0.0.9')).toBe(false);
    expect(pairing.redeem(second.code, '10.0.0.4')).toBe(true);
    expect(pairing.redeem(second.code, '10.0.0.4')).toBe(false);
    expect(new Pairing().redeem('')).toBe(false);
  });
  it('is used up by a hundred wrong guesses, whoever makes them', () => {
    const pairing = new Pairing(() => 0);
    const { code } = pairing.fresh();
    for (let n = 0; n < 100; n++) expect(pairing.redeem('nothing', `10.0.1.${n}`)).toBe(false);
    expect(pairing.redeem(code, '10.0.0.4')).toBe(false);
    expect(pairing.redeem(pairing.fresh().code, '10.0.0.4')).toBe(true);
  });
  it('gives a key that runs out when it is not used for 90 days', async () => {
    const db = await openDatabase(':memory:');
    const phones = new PhoneStore(db);
    const key = await phones.pair('Una', '2026-01-01T00:00:00.000Z');
    expect(await phones.byKey(key, '2026-03-31T00:00:00.000Z')).toMatchObject({ name: 'Una' });
    expect((await phones.all())[0]!.endsAt).toBe('2026-06-29T00:00:00.000Z');
    expect(await phones.byKey(key, '2026-06-28T00:00:00.000Z')).toMatchObject({ name: 'Una' });
    expect(await phones.byKey(key, '2026-09-27T00:00:00.000Z')).toBeNull();
    await db.destroy();
  });
});

describe('the network', () => {
  it('knows private addresses from others', () => {
    expect(['10.0.0.4', '192.168.1.7', '172.16.0.1', '172.31.9.9'].every(isPrivate)).toBe(true);
    expect(['8.8.8.8', '172.32.0.1', '192.169.0.1', 'fe80::1'].some(isPrivate)).toBe(false);
    expect(networkAddresses()).not.toContain('127.0.0.1');
  });

  it('is not shared with unless that is asked for', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'hornblende-alone-'));
    const alone = await startServer({ dataDir: folder, port: 0 });
    expect(alone.sharedUrl).toBeNull();
    const refused = await fetch(`${alone.url}/api/phones/code`, { method: 'POST' });
    expect(refused.status).toBe(409);
    await alone.close();
    rmSync(folder, { recursive: true, force: true });
  });
});

describe('a phone at the machine', () => {
  it('begins and goes on with an open fault, beside the desk; what is found is the desk’s', async () => {
    const cookie = await paired('At the machine');
    const made = await phone('POST', '/api/faults', { ...fault(), id: 'open-0001' }, cookie);
    expect(made.status).toBe(201);
    // The desk adds what it sees; the phone, which has not heard of that, adds something else.
    const desks = { ...fault({ symptoms: ['strings', 'popping'] }), revision: 1 };
    expect((await desk('PUT', '/api/faults/open-0001', desks)).status).toBe(200);
    const phones = { ...fault({ symptoms: ['strings', 'gaps'] }), revision: 1 };
    const joined = await phone('PUT', '/api/faults/open-0001', phones, cookie);
    expect(joined.body).toMatchObject({ revision: 3, fault: { symptoms: ['strings', 'gaps', 'popping'] } });
    const end = { cause: 'wet-filament', at: '2026-10-24' };
    const solved = { ...fault({ end }), revision: 3 };
    expect((await phone('PUT', '/api/faults/open-0001', solved, cookie)).status).toBe(403);
    expect((await desk('PUT', '/api/faults/open-0001', solved)).status).toBe(200);
    // Found, it is none of the phone's any more: neither shown nor changed.
    expect((await phone('GET', '/api/faults', undefined, cookie)).body).toEqual([]);
    const late = await phone('PUT', '/api/faults/open-0001', phones, cookie);
    expect(late).toMatchObject({ status: 409, body: { errors: [{ message: 'is found already' }] } });
    expect((await phone('DELETE', '/api/faults/open-0001', undefined, cookie)).status).toBe(403);
  });
});

describe('the pages of a phone', () => {
  it('begin with the parts in service, and grades are told by their names', async () => {
    const first = await fetch(server.sharedUrl!, { redirect: 'manual' });
    expect(first.status).toBe(302);
    expect(first.headers.get('location')).toBe('/service');
    const cookie = await paired('In the garden');
    expect((await phone('GET', '/api/grades', undefined, cookie)).status).toBe(200);
    expect((await phone('POST', '/api/grades', {}, cookie)).status).toBe(403);
    expect((await phone('GET', '/api/grades/some-grade', undefined, cookie)).status).toBe(403);
    // Maps are read there, and drawn at the desk.
    expect((await phone('GET', '/api/maps', undefined, cookie)).status).toBe(200);
    expect((await phone('POST', '/api/maps', {}, cookie)).status).toBe(403);
  });
});
