import Driver from 'better-sqlite3';
import { unzipSync } from 'fflate';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import type { ArchivePreview } from '@hornblende/core/api';
import { summed } from '../src/db/kind.js';
import { drillAnswers } from '../src/db/kinds/drill-answers.js';
import { exportTo, importFrom, verify } from '../src/index.js';
import { archivesOf } from './archives.js';
import { png } from './pictures.js';
import { brief, printer, runningApi } from './running.js';

const api = runningApi();
const { call, dataDir } = api;
const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-archive-'));
  folders.push(made);
  return made;
};
afterAll(() => {
  for (const f of folders) rmSync(f, { recursive: true, force: true });
});

const { exported, previewed, imported, undone, addPart, savePart } = archivesOf(api);

describe('an archive brought in with “replace”', () => {
  it('gives a changed part a revision that was never here, so that saves go on and no tab overwrites it', async () => {
    const id = await addPart('First');
    await savePart(id, 'Second');
    const zip = await exported();
    const held = (await call('GET', `/api/parts/${id}`)).body.revision as number;
    for (const name of ['Third', 'Fourth', 'Fifth']) await savePart(id, name);
    const before = (await call('GET', `/api/parts/${id}`)).body.revision as number;
    await imported(zip, 'replace');
    const now = (await call('GET', `/api/parts/${id}`)).body;
    expect(now.name).toBe('Second');
    expect(now.revision).toBeGreaterThan(Math.max(before, held));
    // Tabs that hold a number of either history are told so.
    for (const revision of [held, before])
      expect(
        (await call('PUT', `/api/parts/${id}`, { brief: brief({ name: 'Unseen' }), revision })).status,
      ).toBe(409);
    for (const name of ['After', 'And after']) expect((await savePart(id, name)).status).toBe(200);
    const versions = (await call('GET', `/api/parts/${id}/versions`)).body as unknown as {
      brief: { name: string };
    }[];
    // What was here before the import stands among the versions still.
    expect(versions.map(v => v.brief.name)).toEqual(expect.arrayContaining(['And after', 'Second']));
    expect((await verify(null, dataDir)).problems).toEqual([]);
  });

  it('brought in twice changes nothing the second time', async () => {
    const zip = await exported();
    await imported(zip, 'replace');
    const { body } = await previewed(zip);
    const { kinds } = body as unknown as ArchivePreview;
    expect(kinds.filter(k => k.adds + k.changes + k.conflicts > 0)).toEqual([]);
  });

  it('sees conflicts in settings and quotes as well', async () => {
    const id = await addPart('Quoted');
    await call('PUT', `/api/workshop/quotes/${id}`, { each: 10 });
    await call('PUT', '/api/workshop', { format: 'hornblende-workshop', version: 1, currency: '£' });
    const zip = await exported();
    await call('PUT', `/api/workshop/quotes/${id}`, { each: 11 });
    await call('PUT', '/api/workshop', { format: 'hornblende-workshop', version: 1, currency: '$' });
    const { kinds } = (await previewed(zip)).body as unknown as ArchivePreview;
    expect(kinds.find(k => k.kind === 'quotes')).toMatchObject({ conflicts: 1 });
    expect(kinds.find(k => k.kind === 'workshop')).toMatchObject({ conflicts: 1 });
  });
});

describe('an import that is taken back', () => {
  /** An archive of a part that is not here any more. */
  async function archiveOfAbsent(name: string): Promise<{ zip: Uint8Array<ArrayBuffer>; id: string }> {
    const id = await addPart(name);
    const zip = await exported();
    const { revision } = (await call('GET', `/api/parts/${id}`)).body;
    await call('PUT', `/api/parts/${id}`, { brief: brief({ name }), archived: true, revision });
    expect((await call('DELETE', `/api/parts/${id}`)).status).toBe(204);
    return { zip, id };
  }

  it('leaves a part that was decided on since, with its decision and versions, and says why', async () => {
    const { zip, id } = await archiveOfAbsent('Decided on');
    const done = await imported(zip);
    const decided = await call('POST', `/api/parts/${id}/decisions`, {
      firstChoice: 'pla',
      reason: 'Easy and stiff.',
      decidedBy: 'A. N.',
    });
    expect(decided.status).toBe(201);
    const { left } = await undone(done.id);
    const stayed = left.find(l => l.what.includes('Decided on'))!;
    expect(stayed.why).toBe('a decision that is newer refers to it');
    expect((await call('GET', `/api/parts/${id}`)).status).toBe(200);
    expect((await call('GET', `/api/parts/${id}/decisions/${String(decided.body.id)}`)).status).toBe(200);
    const versions = (await call('GET', `/api/parts/${id}/versions`)).body as unknown as object[];
    expect(versions).toHaveLength(1);
    expect((await verify(null, dataDir)).problems).toEqual([]);
  });

  it('takes away what nothing refers to, and what was changed since stays', async () => {
    const one = await archiveOfAbsent('Unwanted');
    const done = await imported(one.zip);
    expect((await undone(done.id)).left).toEqual([]);
    expect((await call('GET', `/api/parts/${one.id}`)).status).toBe(404);
    const two = await archiveOfAbsent('Worked on since');
    const again = await imported(two.zip);
    await savePart(two.id, 'Worked on since, twice');
    const { left } = await undone(again.id);
    expect(left).toContainEqual({
      what: `part Worked on since, twice (${two.id})`,
      why: 'it was changed since',
    });
    expect((await call('POST', `/api/archive/imports/${String(again.id)}/undo`)).status).toBe(404);
  });

  it('a table of grades leaves a grade that a spool is of by now', async () => {
    const grade = { format: 'hornblende-grade', version: 1, key: 'fell-two', name: 'Fell', family: 'petg' };
    const done = await call('POST', '/api/grades/import', { grades: [{ grade, revision: null }] });
    await call('POST', '/api/spools', {
      spool: { format: 'hornblende-spool', version: 1, material: 'fell-two' },
    });
    const { body } = await call('POST', `/api/grades/imports/${String(done.body.id)}/undo`);
    expect(body).toMatchObject({ restored: 0, left: [{ what: 'fell-two' }] });
    expect((body.left as { why: string }[])[0]!.why).toContain('a spool of fell-two');
    expect((await call('GET', '/api/grades/fell-two')).status).toBe(200);
  });
});

describe('an export', () => {
  it('is one moment of the workshop, whatever is written meanwhile', async () => {
    let going = true;
    const writing = (async () => {
      for (let i = 0; going; i++) {
        const id = await addPart(`Meanwhile ${i}`);
        await call('PUT', `/api/workshop/quotes/${id}`, { each: 1 + i });
      }
    })();
    for (let i = 0; i < 4; i++) {
      const zip = await exported();
      const files = Object.keys(unzipSync(zip));
      const parts = new Set(files.filter(f => f.startsWith('parts/')).map(f => f.slice(6)));
      const quotes = files.filter(f => f.startsWith('quotes/')).map(f => f.slice(7));
      expect(quotes.filter(q => !parts.has(q))).toEqual([]);
      expect((await previewed(zip)).status).toBe(201);
    }
    going = false;
    await writing;
  });

  it('names a photograph whose file is gone, and what cannot be read, and the rest goes out', async () => {
    const sent = await fetch(`${api.server().url}/api/photos`, {
      method: 'POST',
      body: new Uint8Array(png(7)),
    });
    const { sha256 } = (await sent.json()) as { sha256: string };
    const path = join(dataDir, 'photos', sha256.slice(0, 2), `${sha256}.png`);
    const bytes = readFileSync(path);
    const broken = await addPart('Broken by a bit');
    rmSync(path);
    const db = new Driver(join(dataDir, 'hornblende.db'));
    db.prepare("update parts set brief = replace(brief, 'Broken', 'Brokem') where id = ?").run(broken);
    db.close();
    try {
      const zip = join(folder(), 'some.zip');
      const { files, left } = exportTo(zip, dataDir, 'test');
      expect(files).toBeGreaterThan(5);
      const whys = left.map(l => `${l.what}: ${l.why}`).join('\n');
      expect(whys).toContain(`photos ${sha256}: its file is gone`);
      expect(whys).toContain(`parts ${broken}: is not as it was written`);
      expect(whys).toMatch(/part-versions .*: what it belongs to \(parts .*\) could not be written/);
      expect((await verify(null, dataDir)).problems.join('\n')).toContain(
        `photos ${sha256}: its file is gone`,
      );
      const response = await fetch(`${api.server().url}/api/archive`);
      expect(Number(response.headers.get('Left-Out-Records'))).toBe(left.length);
      expect(await verify(zip, dataDir)).toMatchObject({ ok: true });
    } finally {
      writeFileSync(path, bytes);
      const mending = new Driver(join(dataDir, 'hornblende.db'));
      mending.prepare("update parts set brief = replace(brief, 'Brokem', 'Broken') where id = ?").run(broken);
      mending.close();
    }
    expect((await verify(null, dataDir)).problems).toEqual([]);
  });

  it('of thousands of records goes out and comes back, and says how far it is', async () => {
    const dir = folder();
    await importFrom(await archiveFile(), dir, () => Promise.resolve(true));
    const db = new Driver(join(dir, 'hornblende.db'));
    const insert = db.prepare(
      'insert into drill_answers (id, who, kind, at, data, sum) values (?, ?, ?, ?, ?, ?)',
    );
    const answer = { format: 'hornblende-drill-answer', version: 1, seed: 1, right: true, sure: 0.5 };
    const MANY = 4000;
    db.transaction(() => {
      for (let i = 0; i < MANY; i++) {
        const id = `a${i}`;
        const at = '2026-01-01T00:00:00Z';
        const data = JSON.stringify({ ...answer, kind: 'proof', id, who: 'Ida', at });
        const row = summed(drillAnswers, { id, who: 'Ida', kind: 'proof', at, data });
        insert.run(row.id, row.who, row.kind, row.at, row.data, row.sum);
      }
    })();
    db.close();
    const zip = join(folder(), 'many.zip');
    const said: number[] = [];
    expect(exportTo(zip, dir, 'test', done => said.push(done)).files).toBeGreaterThan(MANY);
    expect(said.length).toBeGreaterThan(7);
    const other = folder();
    const done = await importFrom(zip, other, () => Promise.resolve(true));
    expect(done?.added).toBeGreaterThan(MANY);
  });
});

async function archiveFile(): Promise<string> {
  const file = join(folder(), 'a.zip');
  writeFileSync(file, await exported());
  return file;
}

describe('long work', () => {
  it('asked for with “respond-async” says where it is, and the archive is fetched from there', async () => {
    const url = api.server().url;
    const begun = await fetch(`${url}/api/archive/exports`, {
      method: 'POST',
      headers: { Prefer: 'respond-async' },
    });
    expect(begun.status).toBe(202);
    const at = begun.headers.get('Location')!;
    let state = { state: 'running' } as { state: string; result?: { id: string; files: number } };
    while (state.state === 'running') state = (await (await fetch(url + at)).json()) as typeof state;
    expect(state.state).toBe('done');
    const zip = await fetch(`${url}/api/archive/exports/${state.result!.id}`);
    expect(Object.keys(unzipSync(new Uint8Array(await zip.arrayBuffer()))).length).toBe(
      state.result!.files + 1,
    );
    expect((await call('GET', '/api/jobs/nothing')).status).toBe(404);
    expect((await fetch(`${url}/api/archive/exports/..%2Fhornblende`)).status).toBe(404);
  });

  it('that fails says why', async () => {
    const url = api.server().url;
    const begun = await fetch(`${url}/api/archive/previews`, {
      method: 'POST',
      headers: { Prefer: 'respond-async' },
      body: 'not a zip',
    });
    const at = begun.headers.get('Location')!;
    let state = { state: 'running' } as { state: string; status?: number; errors?: { message: string }[] };
    while (state.state === 'running') state = (await (await fetch(url + at)).json()) as typeof state;
    expect(state).toMatchObject({ state: 'failed', status: 400 });
    expect(state.errors![0]!.message).toContain('no zip');
    expect(existsSync(join(dataDir, 'imports'))).toBe(true);
  });
});

// A printer is made so that the default that stands here is seen to stay.
it('an import leaves the default printer that stands here', async () => {
  const made = await call('POST', '/api/printers', { profile: printer({ name: 'Old' }), isDefault: true });
  const zip = await exported();
  const other = await call('POST', '/api/printers', { profile: printer({ name: 'New' }), isDefault: true });
  await imported(zip, 'replace');
  const list = (await call('GET', '/api/printers')).body as unknown as { id: string; isDefault: boolean }[];
  expect(list.filter(p => p.isDefault).map(p => p.id)).toEqual([other.body.id]);
  expect(list.some(p => p.id === made.body.id)).toBe(true);
});
