import { X509Certificate } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { request as plainRequest } from 'node:http';
import { request, type RequestOptions } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { startServer, StartProblem, type Running } from '../src/index.js';
import { openDatabase } from '../src/db/database.js';
import { PhoneStore } from '../src/db/phones.js';
import { workshopCertificate } from '../src/share/certificate.js';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-encrypted-'));
  folders.push(made);
  return made;
};
afterAll(() => {
  for (const f of folders) rmSync(f, { recursive: true, force: true });
});
const daysOn = (days: number): string => new Date(Date.UTC(2026, 0, 1) + days * 86_400_000).toISOString();

interface Answer {
  status: number;
  cookie: string;
  body: string;
}
/** Asks as a phone does that trusts this certificate and no other. */
function asked(url: string, ca: string, o: RequestOptions = {}, body = ''): Promise<Answer> {
  return new Promise((resolve, reject) => {
    const sent = request(url, { ...o, ca, agent: false }, answer => {
      let text = '';
      answer.on('data', (chunk: Buffer) => (text += chunk.toString()));
      answer.on('end', () =>
        resolve({
          status: answer.statusCode ?? 0,
          cookie: (answer.headers['set-cookie'] ?? [])[0] ?? '',
          body: text,
        }),
      );
    });
    sent.on('error', reject);
    sent.end(body);
  });
}

describe('phones over an encrypted connection', () => {
  const dataDir = folder();
  let server: Running;
  let ca: string;
  beforeAll(async () => {
    server = await startServer({ dataDir, port: 0, share: { host: '127.0.0.2' } });
    ca = readFileSync(join(dataDir, 'share-certificate.pem'), 'utf8');
  });
  afterAll(() => server.close());

  it('are answered by a certificate of the workshop’s own, whose fingerprint the desk shows', async () => {
    expect(server.sharedUrl).toMatch(/^https:\/\/127\.0\.0\.2:\d+$/);
    expect(server.fingerprint).toBe(new X509Certificate(ca).fingerprint256);
    const phones = (await (await fetch(`${server.url}/api/phones`)).json()) as object;
    expect(phones).toMatchObject({ url: server.sharedUrl, fingerprint: server.fingerprint });
    expect((await asked(`${server.sharedUrl!}/api/health`, ca)).status).toBe(200);
    // Whoever does not know the certificate is not spoken to.
    await expect(asked(`${server.sharedUrl!}/api/health`, '')).rejects.toThrow(
      /self-signed|unable to verify/,
    );
  });
  it('keep its key to whoever serves it', () => {
    for (const file of ['share-key.pem', 'share-certificate.pem'])
      expect(statSync(join(dataDir, file)).mode & 0o777, file).toBe(0o600);
  });
  it('are paired by a key that goes over encrypted connections alone, and ends with 90 days', async () => {
    const { code } = (await (await fetch(`${server.url}/api/phones/code`, { method: 'POST' })).json()) as {
      code: string;
    };
    const origin = server.sharedUrl!;
    const pairing = { method: 'POST', headers: { 'content-type': 'application/json', origin } };
    const paired = await asked(`${origin}/api/pair`, ca, pairing, JSON.stringify({ code, name: 'Una’s' }));
    expect(paired.status).toBe(201);
    for (const said of ['Secure', 'HttpOnly', 'SameSite=Strict', `Max-Age=${90 * 24 * 3600}`])
      expect(paired.cookie).toContain(said);
    const headers = { cookie: paired.cookie.split(';')[0]! };
    expect((await asked(`${origin}/api/placements`, ca, { headers })).status).toBe(200);
    expect((await asked(`${origin}/api/placements`, ca)).status).toBe(401);
    // A page of another site, and one that was read without encryption.
    const from = (site: string): RequestOptions => ({ headers: { ...headers, origin: site } });
    expect((await asked(`${origin}/api/placements`, ca, from('https://elsewhere.example'))).status).toBe(403);
    expect((await asked(`${origin}/api/placements`, ca, from(origin.replace('https', 'http')))).status).toBe(
      403,
    );
  });
  it('are not answered in plain http there', async () => {
    const url = new URL(server.sharedUrl!);
    await expect(
      new Promise((resolve, reject) =>
        plainRequest({ host: url.hostname, port: url.port, path: '/api/health' }, resolve)
          .on('error', reject)
          .end(),
      ),
    ).rejects.toThrow();
  });
});

describe('the certificate of a workshop', () => {
  it('is kept, and made anew a month before its end and for another address', async () => {
    const dataDir = folder();
    const at = (days: number, host = '192.168.1.20'): ReturnType<typeof workshopCertificate> =>
      workshopCertificate(dataDir, host, new Date(daysOn(days)));
    const first = await at(0);
    expect(new X509Certificate(first.certificate).checkIP('192.168.1.20')).toBe('192.168.1.20');
    expect((await at(300)).fingerprint).toBe(first.fingerprint);
    const renewed = await at(340);
    expect(renewed.fingerprint).not.toBe(first.fingerprint);
    expect((await at(341)).fingerprint).toBe(renewed.fingerprint);
    expect((await at(341, '192.168.1.21')).fingerprint).not.toBe(renewed.fingerprint);
    writeFileSync(join(dataDir, 'share-certificate.pem'), 'no certificate at all');
    expect((await at(341)).fingerprint).toMatch(/^([0-9A-F]{2}:){31}[0-9A-F]{2}$/);
  });
  it('may be one that somebody made elsewhere; what is none is told before anything is served', async () => {
    const own = folder();
    const other = folder();
    const made = await workshopCertificate(own, '127.0.0.2', new Date());
    await workshopCertificate(other, '127.0.0.2', new Date());
    const file = (of: string, name: string): string => join(of, `share-${name}.pem`);
    const started = (certificate: string, key: string): Promise<Running> =>
      startServer({
        dataDir: folder(),
        port: 0,
        share: { host: '127.0.0.2', certificate: { certificate, key } },
      });
    const server = await started(file(own, 'certificate'), file(own, 'key'));
    expect(server.fingerprint).toBe(made.fingerprint);
    await server.close();
    const refused = async (certificate: string, key: string): Promise<string> =>
      started(certificate, key).then(
        () => 'it started',
        (e: unknown) => (e instanceof StartProblem ? e.message : `not a start problem: ${String(e)}`),
      );
    expect(await refused(join(own, 'gone.pem'), file(own, 'key'))).toContain('cannot be read');
    expect(await refused(file(own, 'key'), file(own, 'key'))).toContain('is no certificate');
    expect(await refused(file(own, 'certificate'), file(own, 'certificate'))).toContain('is no key');
    expect(await refused(file(own, 'certificate'), file(other, 'key'))).toContain('is not the key of that');
  });
});

describe('the key of a phone', () => {
  it('is changed a week on as it is used; the old one holds until the new one is used', async () => {
    const db = await openDatabase(join(folder(), 'keys.sqlite'));
    const phones = new PhoneStore(db);
    const first = await phones.pair('Una’s', daysOn(0));
    expect(await phones.byKey(first, daysOn(6))).toMatchObject({ name: 'Una’s', nextKey: null });
    const { nextKey: second } = (await phones.byKey(first, daysOn(8)))!;
    expect(second).toMatch(/^[\w-]{43}$/);
    // Its answer may be lost: nothing is given twice in a minute, and the old key is heard on.
    const soon = new Date(Date.parse(daysOn(8)) + 5000).toISOString();
    expect(await phones.byKey(first, soon)).toMatchObject({ nextKey: null });
    const { nextKey: third } = (await phones.byKey(first, daysOn(9)))!;
    expect(third).not.toBeNull();
    expect(await phones.byKey(second, daysOn(9))).toBeNull();
    expect(await phones.byKey(third, daysOn(9))).toMatchObject({ nextKey: null });
    expect(await phones.byKey(first, daysOn(9))).toBeNull();
    expect(await phones.byKey(third, daysOn(15))).toMatchObject({ nextKey: null });
    // Unused for 90 days it is heard no more, nor where it was withdrawn with another one on its way.
    const { nextKey: fourth } = (await phones.byKey(third, daysOn(17)))!;
    const [row] = await phones.all();
    await phones.withdraw(row!.id, daysOn(17));
    expect(await phones.byKey(fourth, daysOn(17))).toBeNull();
    expect(await phones.byKey(third, daysOn(17))).toBeNull();
    await db.destroy();
  });
});
