import { request } from 'node:http';
import Driver from 'better-sqlite3';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';
import { openDatabase } from '../src/db/database.js';
import { createApp } from '../src/start/app.js';
import { seedDemo, startServer, StartProblem } from '../src/index.js';
import { Workplace } from '../src/workplace/workplace.js';
import { damageTable } from './damage.js';
import { brief } from './running.js';
import { copyDemo } from './sown.js';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-start-'));
  folders.push(made);
  return made;
};
afterEach(() => {
  for (const f of folders.splice(0)) rmSync(f, { recursive: true, force: true });
});

/** Why a start in a folder failed. */
async function problem(dataDir: string, port = 0): Promise<StartProblem> {
  const error = await startServer({ dataDir, port }).then(
    async running => {
      await running.close();
      return null;
    },
    (e: unknown) => e,
  );
  expect(error).toBeInstanceOf(StartProblem);
  return error as StartProblem;
}

describe('a start that cannot be', () => {
  it('leaves another program’s database as it is, and says so', async () => {
    const dir = folder();
    const file = join(dir, 'hornblende.db');
    const theirs = new Driver(file);
    theirs.exec(
      'create table recipes (id integer primary key, name text); insert into recipes values (1, 1)',
    );
    theirs.close();
    const before = readFileSync(file);
    const { path, reason, remedy } = await problem(dir);
    expect([path, reason]).toEqual([file, 'it is a database of another program']);
    expect(remedy).toContain('--data');
    expect(readFileSync(file).equals(before)).toBe(true);
  });

  it('says of a file that is no database that it is none', async () => {
    const dir = folder();
    writeFileSync(
      join(dir, 'hornblende.db'),
      'a shopping list, long enough to be read as a header '.repeat(20),
    );
    expect((await problem(dir)).reason).toContain('not a database of Hornblende');
  });

  it('refuses a newer schema untouched', async () => {
    const dir = folder();
    const file = join(dir, 'hornblende.db');
    const db = await openDatabase(file);
    await db('knex_migrations').insert({ name: '099-what-comes-later', batch: 9, migration_time: 0 });
    await db.destroy();
    expect((await problem(dir)).reason).toContain('newer Hornblende (it knows 099-what-comes-later)');
  });

  it('says when the folder is a file, and when the port is taken', async () => {
    const dir = folder();
    writeFileSync(join(dir, 'file'), '');
    expect((await problem(join(dir, 'file'))).message).toContain('Choose another folder');
    const other = createServer().listen(0, '127.0.0.1');
    await once(other, 'listening');
    const { port } = other.address() as AddressInfo;
    expect((await problem(dir, port)).message).toContain(
      `port ${port}: something else answers there already`,
    );
    other.close();
  });

  it('from the command line ends with 1 and plain words', async () => {
    const dir = folder();
    writeFileSync(join(dir, 'hornblende.db'), 'x'.repeat(2000));
    const cli = resolve(import.meta.dirname, '../../cli/bin/hornblende.mjs');
    const child = spawn(process.execPath, [cli, 'start', '--port', '0', '--data', dir]);
    let said = '';
    child.stderr.on('data', (d: Buffer) => (said += d.toString()));
    const [code] = (await once(child, 'exit')) as [number];
    expect(code).toBe(1);
    expect(said).toContain('hornblende.db: it is not a database of Hornblende');
    expect(said).not.toMatch(/\n\s+at /);
  });
});

describe('a start after a kill', () => {
  it('lays the demo out whole or not at all, and once', async () => {
    const dir = folder();
    const db = await openDatabase(join(dir, 'hornblende.db'));
    // Half-way through, the disk gives up: nothing of it stays.
    await db.raw(
      'create trigger stop before insert on parts when (select count(*) from parts) = 1 ' +
        "begin select raise(abort, 'stop'); end",
    );
    await expect(seedDemo(db)).rejects.toThrow('stop');
    expect(await db('printers').first()).toBeUndefined();
    await db.raw('drop trigger stop');
    expect(await seedDemo(db)).toBe(true);
    expect(await seedDemo(db)).toBe(false);
    // Cleared away by its owner, it stays so.
    await db('parts').delete();
    await db('printers').delete();
    expect(await seedDemo(db)).toBe(false);
    await db.destroy();
  });

  it('the lock goes with its process, however that ends', async () => {
    const dir = folder();
    const cli = resolve(import.meta.dirname, '../../cli/bin/hornblende.mjs');
    const child = spawn(process.execPath, [cli, 'start', '--port', '0', '--data', dir]);
    await once(child.stdout, 'data');
    expect((await problem(dir)).reason).toContain('works in this folder already, at http://127.0.0.1:');
    child.kill('SIGKILL');
    await once(child, 'exit');
    const running = await startServer({ dataDir: dir, port: 0 });
    await running.close();
  });

  it('--fresh pulls nothing from under a server that runs', async () => {
    const dir = folder();
    const first = await startServer({ dataDir: dir, port: 0 });
    await expect(startServer({ dataDir: dir, port: 0, fresh: true })).rejects.toThrow(
      'works in this folder already',
    );
    expect((await fetch(`${first.url}/api/parts`)).status).toBe(200);
    expect(readdirSync(dir).filter(f => f.endsWith('.db'))).toEqual(['hornblende.db']);
    await first.close();
  });

  it('told to stop, it finishes what is under way', async () => {
    const { url, close } = await startServer({ dataDir: folder(), port: 0 });
    const asked = { method: 'POST', headers: { 'Content-Type': 'application/json' } };
    const drawn = (draws: number): string => JSON.stringify({ brief: brief(), draws });
    // A thread stands ready: how long it takes to load is no matter here.
    const before = await fetch(`${url}/api/calc/score.robustness`, { ...asked, body: drawn(10) });
    expect(before.status).toBe(200);
    const sent = request(`${url}/api/calc/score.robustness`, asked);
    const answer = new Promise<number>((ok, no) => {
      sent.on('error', no).on('response', response => {
        response.resume();
        ok(response.statusCode!);
      });
    });
    await new Promise<void>(ok => sent.end(drawn(3000), ok));
    // What is asked later is answered: the first has arrived. It takes less than the grace that a stop leaves.
    expect((await fetch(`${url}/api/health`)).status).toBe(200);
    await close();
    expect(await answer).toBe(200);
  });

  it('a database of an older schema is backed up before it is changed', async () => {
    const dir = folder();
    const db = await openDatabase(join(dir, 'hornblende.db'));
    await db.migrate.down();
    await db.destroy();
    const workplace = await Workplace.open(dir);
    expect(workplace.backups.list()).toMatchObject([{ kind: 'migration', problems: [] }]);
    await workplace.close();
  });
});

describe('a workshop that is not well', () => {
  it('damaged and of an older schema, it says of what it cannot read why, and what to do', async () => {
    const dir = folder();
    await copyDemo(dir);
    const file = join(dir, 'hornblende.db');
    const old = await openDatabase(file);
    await old.migrate.down();
    await old.destroy();
    damageTable(file, 'faults');
    const { url, close } = await startServer({ dataDir: dir, port: 0 });
    try {
      expect((await fetch(`${url}/api/parts`)).status).toBe(200);
      const found = await fetch(`${url}/api/search?words=latch`);
      expect(found.status).toBe(503);
      expect(await found.text()).toMatch(/written by an older Hornblende.*Restore the newest good backup/);
    } finally {
      await close();
    }
  });

  it('damaged, it is open for reading only, says so, and sums go on', async () => {
    const dir = folder();
    await copyDemo(dir);
    const file = join(dir, 'hornblende.db');
    damageTable(file, 'grades');

    const { url, close } = await startServer({ dataDir: dir, port: 0 });
    const get = async (path: string, init?: RequestInit): Promise<{ status: number; body: string }> => {
      const r = await fetch(url + path, init);
      return { status: r.status, body: await r.text() };
    };
    try {
      expect(JSON.parse((await get('/api/health')).body)).toMatchObject({ status: 'damaged' });
      expect((await get('/api/parts')).status).toBe(200);
      expect((await get('/api/grades')).status).toBe(503);
      const json = { 'Content-Type': 'application/json' };
      const body = JSON.stringify({ brief: brief() });
      const written = await get('/api/parts', { method: 'POST', headers: json, body });
      expect(written.status).toBe(503);
      expect(written.body).toContain('Restore the newest good backup');
      expect((await get('/api/rank', { method: 'POST', headers: json, body })).status).toBe(200);
    } finally {
      await close();
    }
  });

  it('with a full disk a save is 507 in one sentence, and what stood stays', async () => {
    const workplace = await Workplace.open(folder());
    let port = 0;
    const server = createApp({ workplace, port: () => port, version: 'test' }).listen(0, '127.0.0.1');
    await once(server, 'listening');
    port = (server.address() as AddressInfo).port;
    const save = (name: string): Promise<Response> =>
      fetch(`http://127.0.0.1:${port}/api/parts`, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({ brief: brief({ name, notes: undefined }) }),
      });
    expect((await save('First')).status).toBe(201);
    // No page more than there are: what SQLite says then is what it says of a full disk.
    const [{ page_count: pages }] = (await workplace.db.raw('pragma page_count')) as [{ page_count: number }];
    await workplace.db.raw(`pragma max_page_count = ${pages}`);
    let full: Response | null = null;
    for (let i = 0; i < 200 && !full; i++) {
      const r = await save(`Part ${i}`);
      if (r.status !== 201) full = r;
    }
    expect(full?.status).toBe(507);
    expect(await full?.text()).toContain('is full: nothing was saved');
    await workplace.db.raw('pragma max_page_count = 1000000');
    expect((await save('After')).status).toBe(201);
    server.close();
    server.closeAllConnections();
    await workplace.close();
  });
});

describe('what a workshop holds', () => {
  const open = (path: string): number => statSync(path).mode & 0o077;
  it('is its owner’s alone, also where it was open to others before', async () => {
    const dataDir = join(folder(), 'workshop');
    await (await startServer({ dataDir, port: 0 })).close();
    const files = readdirSync(dataDir).map(name => join(dataDir, name));
    expect(files.length).toBeGreaterThan(0);
    for (const path of [dataDir, ...files]) expect([path, open(path)]).toEqual([path, 0]);
    const database = files.find(path => path.endsWith('.db'))!;
    chmodSync(database, 0o644);
    chmodSync(dataDir, 0o755);
    await (await startServer({ dataDir, port: 0 })).close();
    expect([open(dataDir), open(database)]).toEqual([0, 0]);
  });
});
