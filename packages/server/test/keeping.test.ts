import Driver from 'better-sqlite3';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { strFromU8, unzipSync, zipSync } from 'fflate';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ArchivePreview } from '@hornblende/core/api';
import type { DecisionRecord } from '@hornblende/core/records';
import { premisedCandidates } from '@hornblende/core/records';
import { rank } from '@hornblende/core/score';
import { summed, type Row } from '../src/db/kind.js';
import { decisions } from '../src/db/kinds/decisions.js';
import { recordKinds, transientTables } from '../src/db/kinds/index.js';
import { openDatabase } from '../src/db/database.js';
import { exportTo, importFrom, restore, startServer, verify, type Running } from '../src/index.js';
import { brief, printer, runningApi } from './running.js';

const api = runningApi();
const { call, dataDir } = api;
const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-keeping-'));
  folders.push(made);
  return made;
};
afterAll(() => {
  for (const f of folders) rmSync(f, { recursive: true, force: true });
});

/** A workshop with one of everything, once. */
async function filled(): Promise<string> {
  const machine = await call('POST', '/api/printers', {
    profile: printer({ name: 'Bench' }),
    isDefault: true,
  });
  const kept = await call('POST', '/api/parts', {
    brief: brief({ name: 'Kept' }),
    printerId: machine.body.id,
  });
  await call('POST', '/api/grades', {
    grade: { format: 'hornblende-grade', version: 1, key: 'kept-pla', name: 'Kept PLA', family: 'pla' },
  });
  await call('POST', '/api/spools', {
    spool: { format: 'hornblende-spool', version: 1, material: 'kept-pla', code: 'K-1' },
  });
  await call('PUT', `/api/workshop/quotes/${String(kept.body.id)}`, { each: 12.5 });
  await call('PUT', '/api/workshop', { format: 'hornblende-workshop', version: 1, currency: '£' });
  await call('POST', '/api/weathers', {
    name: 'A short year',
    elevationM: 10,
    latitude: 50,
    longitude: 0,
    utcOffsetHours: 0,
    airC: Array.from({ length: 8760 }, (_, i) => 10 + (i % 24) / 4),
    ghiWm2: Array.from({ length: 8760 }, () => 100),
    windMs: Array.from({ length: 8760 }, () => 2),
  });
  const decided = await call('POST', `/api/parts/${String(kept.body.id)}/decisions`, {
    firstChoice: 'pla',
    secondChoice: 'petg',
    reason: 'Easy and stiff.',
    decidedBy: 'A. N.',
  });
  expect(decided.status).toBe(201);
  return String(kept.body.id);
}
let part = '';
beforeAll(async () => {
  part = await filled();
});

/** Every row of every kind, to compare whole workshops. */
function contents(file: string): Record<string, unknown[]> {
  const db = new Driver(file, { readonly: true });
  try {
    return Object.fromEntries(
      recordKinds.map(k => [
        k.name,
        db.prepare(`select * from ${k.table} order by ${k.key.join(', ')}`).all(),
      ]),
    );
  } finally {
    db.close();
  }
}

describe('kinds of record', () => {
  it('every table is a kind that is archived and verified, or is named as transient', async () => {
    const db = await openDatabase(join(folder(), 'x.db'));
    const tables = ((await db('sqlite_master').where({ type: 'table' }).select('name')) as { name: string }[])
      .map(t => t.name)
      .filter(name => !name.startsWith('sqlite_'));
    await db.destroy();
    expect(tables.sort()).toEqual([...recordKinds.map(k => k.table), ...transientTables].sort());
  });
});

describe('the archive', () => {
  it('taken into an empty folder it is the same workshop to the last byte, and decisions rebuild', async () => {
    const response = await fetch(`${api.server().url}/api/archive`);
    expect(response.headers.get('content-disposition')).toMatch(/hornblende-\d{4}-\d\d-\d\d\.zip/);
    const zip = join(folder(), 'workshop.zip');
    writeFileSync(zip, Buffer.from(await response.arrayBuffer()));
    expect(await verify(zip, dataDir)).toMatchObject({ ok: true, problems: [] });

    const elsewhere = folder();
    const done = await importFrom(zip, elsewhere, () => Promise.resolve(true));
    expect(done).toMatchObject({ changed: 0, kept: 0 });
    expect(contents(join(elsewhere, 'hornblende.db'))).toEqual(contents(join(dataDir, 'hornblende.db')));

    const other: Running = await startServer({ dataDir: elsewhere, port: 0, demo: true });
    try {
      const list = (await (await fetch(`${other.url}/api/parts/${part}/decisions`)).json()) as {
        id: string;
      }[];
      const record = (await (
        await fetch(`${other.url}/api/parts/${part}/decisions/${list[0]!.id}/record.json`)
      ).json()) as DecisionRecord;
      const { premises } = record;
      const again = rank(premises.brief, {
        printer: premises.printer,
        families: premisedCandidates(premises),
      });
      expect(JSON.parse(JSON.stringify(again))).toEqual(record.ranking);
    } finally {
      await other.close();
    }
  });

  it('is previewed, taken over, and taken back; what was changed here since is kept', async () => {
    const zip = new Uint8Array(await (await fetch(`${api.server().url}/api/archive`)).arrayBuffer());
    const made = (await call('POST', '/api/parts', { brief: brief({ name: 'Later' }) })).body;
    const parts = (await call('GET', '/api/parts')).body as unknown as {
      id: string;
      name: string;
      revision: number;
    }[];
    const kept = parts.find(p => p.name === 'Kept')!;
    await call('PUT', `/api/parts/${kept.id}`, {
      brief: brief({ name: 'Kept, changed' }),
      revision: kept.revision,
    });
    await call('DELETE', '/api/grades/kept-pla'); // refused: a spool names it
    const look = async (): Promise<ArchivePreview> => {
      const r = await fetch(`${api.server().url}/api/archive/previews`, { method: 'POST', body: zip });
      expect(r.status).toBe(201);
      return (await r.json()) as ArchivePreview;
    };
    const of = (p: ArchivePreview, kind: string): object | undefined => p.kinds.find(k => k.kind === kind);
    const first = await look();
    expect(of(first, 'parts')).toMatchObject({ adds: 0, changes: 0, conflicts: 1 });
    expect(of(first, 'grades')).toMatchObject({ adds: 0, same: 1 });
    expect(first.named).toContainEqual({ kind: 'parts', title: 'Kept', verdict: 'conflict' });

    // Kept by default; replaced where that is asked for, and then taken back.
    const keep = await call('POST', '/api/archive/imports', { id: first.id });
    expect(keep.body).toMatchObject({ added: 0, kept: 1 });
    expect((await call('GET', `/api/parts/${kept.id}`)).body.name).toBe('Kept, changed');
    const second = await look();
    const taken = await call('POST', '/api/archive/imports', { id: second.id, conflicts: 'replace' });
    expect((await call('GET', `/api/parts/${kept.id}`)).body.name).toBe('Kept');
    const undone = await call('POST', `/api/archive/imports/${String(taken.body.id)}/undo`);
    expect(undone.body).toMatchObject({ left: [] });
    expect((await call('GET', `/api/parts/${kept.id}`)).body.name).toBe('Kept, changed');
    expect((await call('GET', `/api/parts/${String(made.id)}`)).status).toBe(200);
    expect((await call('POST', '/api/archive/imports', { id: second.id })).status).toBe(404);
  });

  it('one that is cut, changed, foreign or newer says so, and nothing is written', async () => {
    const zip = new Uint8Array(await (await fetch(`${api.server().url}/api/archive`)).arrayBuffer());
    const files = unzipSync(zip);
    const before = contents(join(dataDir, 'hornblende.db'));
    const refused = async (body: Uint8Array<ArrayBuffer>): Promise<string> => {
      const r = await fetch(`${api.server().url}/api/archive/previews`, { method: 'POST', body });
      expect(r.status).toBe(400);
      return ((await r.json()) as { errors: { message: string }[] }).errors[0]!.message;
    };
    expect(await refused(zip.slice(0, zip.length / 2))).toMatch(/cut short|no manifest|cannot be unpacked/);
    expect(await refused(new TextEncoder().encode('not a zip at all'))).toContain('no zip');
    const path = Object.keys(files).find(p => p.startsWith('parts/'))!;
    const changed = new TextEncoder().encode(`${strFromU8(files[path]!)} `);
    expect(await refused(zipSync({ ...files, [path]: changed }))).toContain('damaged');
    expect(await refused(zipSync({ ...files, 'extra.json': new Uint8Array(3) }))).toContain('does not list');
    const manifest = JSON.parse(strFromU8(files['manifest.json']!)) as object;
    const newer = JSON.stringify({ ...manifest, schema: '999-from-the-future' });
    expect(await refused(zipSync({ ...files, 'manifest.json': new TextEncoder().encode(newer) }))).toContain(
      'newer Hornblende',
    );
    expect(contents(join(dataDir, 'hornblende.db'))).toEqual(before);
    expect(readdirSync(join(dataDir, 'imports'))).toEqual([]);
  });
});

describe('backups', () => {
  it('are made while work goes on, read through, and put in place again', async () => {
    const made = await call('POST', '/api/backups');
    expect(made.status).toBe(201);
    expect(made.body).toMatchObject({ kind: 'demand', problems: [] });
    expect((made.body.counts as Record<string, number>).decisions).toBe(1);
    const name = (await call('GET', `/api/parts/${part}`)).body.name;
    await call('POST', '/api/parts', { brief: brief({ name: 'After the backup' }) });
    const restored = await call('POST', `/api/backups/${String(made.body.name)}/restore`);
    expect(restored.status).toBe(200);
    const names = ((await call('GET', '/api/parts')).body as unknown as { name: string }[]).map(p => p.name);
    expect(names).toContain(name);
    expect(names).not.toContain('After the backup');
    // What was there is set aside, not thrown away.
    expect(readdirSync(dataDir).filter(f => /^hornblende-.*\.db$/.test(f))).toHaveLength(1);
    expect((await call('POST', '/api/parts', { brief: brief({ name: 'And on' }) })).status).toBe(201);
    expect((await call('POST', '/api/backups/..%2Fhornblende.db/restore')).status).toBe(404);
    expect((await call('GET', '/api/backups/verify')).body).toMatchObject({ ok: true });
  });

  it('a damaged one is found out and not put in place', async () => {
    const made = await call('POST', '/api/backups');
    const path = join(dataDir, 'backups', String(made.body.name));
    const bytes = readFileSync(path);
    bytes.fill(0x5a, 8192, 16384);
    writeFileSync(path, bytes);
    expect((await verify(path, dataDir)).ok).toBe(false);
    const answer = await call('POST', `/api/backups/${String(made.body.name)}/restore`);
    expect(answer.status).toBe(409);
    expect(answer.body.errors?.[0]?.message).toContain('choose another');
    rmSync(path);
  });

  it('a record that cannot be read is named by the check, and the rest of its list stands', async () => {
    const copy = folder();
    const source = await call('POST', '/api/backups');
    copyFileSync(join(dataDir, 'backups', String(source.body.name)), join(copy, 'hornblende.db'));
    const db = new Driver(join(copy, 'hornblende.db'));
    db.prepare("update parts set brief = '{\"format\":' where name like 'Kept%'").run();
    db.close();
    const found = await verify(null, copy);
    expect(found.ok).toBe(false);
    expect(found.problems[0]).toMatch(/^parts [\w-]+: /);
    const other = await startServer({ dataDir: copy, port: 0 });
    try {
      const list = await fetch(`${other.url}/api/parts`);
      expect(list.status).toBe(200);
      expect(list.headers.get('Unreadable-Rows')).toBe('1');
      expect(((await list.json()) as unknown[]).length).toBeGreaterThan(0);
    } finally {
      await other.close();
    }
  });

  it('a decision whose record is no JSON, and one that names what is not kept, are named by the check', async () => {
    const copy = folder();
    const source = await call('POST', '/api/backups');
    const file = join(copy, 'hornblende.db');
    copyFileSync(join(dataDir, 'backups', String(source.body.name)), file);
    const db = new Driver(file);
    const row = db.prepare('select * from decisions where record is not null limit 1').get() as Row;
    for (const [id, record] of [
      ['torn', '{"format":'],
      ['loose', '{"pieces":{"candidates":"never kept"}}'],
    ]) {
      // The sum fits: it is what was written, and still cannot be used.
      const other = summed(decisions, { ...row, id, record });
      const columns = Object.keys(other);
      const names = columns.join(', ');
      db.prepare(`insert into decisions (${names}) values (${columns.map(c => `@${c}`).join(', ')})`).run(
        other,
      );
    }
    db.close();
    expect((await verify(null, copy)).problems).toEqual([
      'decisions torn: its record is no JSON',
      'decisions loose: its candidates is missing',
    ]);
  });

  it('a copy is looked through by its sums: what is not as it was written is told in its summary', async () => {
    const copy = folder();
    const other = await startServer({ dataDir: copy, port: 0 });
    try {
      const send = (path: string, body: object): Promise<Response> =>
        fetch(`${other.url}/api${path}`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(body),
        });
      await send('/parts', { brief: brief({ name: 'Kept' }) });
      const sound = (await (await send('/backups', {})).json()) as { checked: number; problems: string[] };
      expect(sound.problems).toEqual([]);
      expect(sound.checked).toBeGreaterThan(1);
      const db = new Driver(join(copy, 'hornblende.db'));
      db.prepare("update parts set name = 'Turned over'").run();
      db.close();
      const told = (await (await send('/backups', {})).json()) as { problems: string[] };
      expect(told.problems).toEqual([expect.stringMatching(/^parts [\w-]+: /)]);
    } finally {
      await other.close();
    }
  });

  it('a restore from the command line wants the folder for itself', async () => {
    const made = await call('POST', '/api/backups');
    const path = join(dataDir, 'backups', String(made.body.name));
    await expect(restore(path, dataDir)).rejects.toThrow(`already, at ${api.server().url}`);
    const empty = folder();
    expect(await restore(path, empty)).toMatchObject({ ok: true });
    expect(existsSync(join(empty, 'hornblende.db'))).toBe(true);
    expect(exportTo(join(empty, 'out.zip'), empty, '0.1.0').files).toBeGreaterThan(5);
  });
});
