import Driver from 'better-sqlite3';
import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, join } from 'node:path';
import { afterEach, describe, expect, it } from 'vitest';
import { Backups } from '../src/backup/backups.js';
import { openDatabase, openForWriting } from '../src/db/database.js';
import { PhoneStore } from '../src/db/phones.js';
import { backUp, restore, startServer, verify, type Running } from '../src/index.js';
import { StartProblem } from '../src/lib/start-problem.js';
import { restoreInto } from '../src/workplace/restore.js';
import { png } from './pictures.js';
import { brief } from './running.js';

const folders: string[] = [];
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'hornblende-restore-'));
  folders.push(made);
  return made;
};
afterEach(() => {
  delete process.env.HORNBLENDE_BACKUPS;
  for (const f of folders.splice(0)) rmSync(f, { recursive: true, force: true });
});

/** A workshop with one part and one photograph, and a backup of it. */
async function backedUp(): Promise<{ dir: string; backup: string; photo: string }> {
  const dir = folder();
  const { url, close } = await startServer({ dataDir: dir, port: 0 });
  await fetch(`${url}/api/parts`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ brief: brief({ name: 'Kept' }) }),
  });
  const sent = await fetch(`${url}/api/photos`, { method: 'POST', body: new Uint8Array(png(50)) });
  const { sha256 } = (await sent.json()) as { sha256: string };
  await close();
  const made = await backUp(dir);
  expect(made).toMatchObject({ problems: [], photosGone: 0 });
  const at = process.env.HORNBLENDE_BACKUPS ?? join(dir, 'backups');
  return { dir, backup: join(at, made.name), photo: `${sha256.slice(0, 2)}/${sha256}.png` };
}

async function namesIn(dir: string): Promise<string[]> {
  const { url, close } = await startServer({ dataDir: dir, port: 0 });
  const parts = (await (await fetch(`${url}/api/parts`)).json()) as { name: string }[];
  await close();
  return parts.map(p => p.name);
}

async function refusal(dir: string): Promise<string> {
  const started = await startServer({ dataDir: dir, port: 0, demo: true }).catch((e: unknown) => e);
  expect(started).toBeInstanceOf(StartProblem);
  return (started as StartProblem).message;
}

describe('a folder of a workshop without its database', () => {
  it('is no first run: it says what lies there and how to take it back', async () => {
    const { dir, backup } = await backedUp();
    const file = join(dir, 'hornblende.db');
    rmSync(file);
    const gone = await refusal(dir);
    expect(gone).toContain('1 backup, the newest ');
    expect(gone).toContain('1 photograph');
    expect(gone).toContain(`hornblende restore ${backup}`);
    writeFileSync(file, '');
    expect(await refusal(dir)).toContain('there is no workshop in it');
    expect(await restore(backup, dir)).toMatchObject({ ok: true });
    expect(await namesIn(dir)).toEqual(['Kept']);
  });

  it('with a database set aside alone, or one that is empty, is told of as well; --fresh begins anew', async () => {
    const { dir } = await backedUp();
    rmSync(join(dir, 'backups'), { recursive: true });
    rmSync(join(dir, 'photos'), { recursive: true });
    renameSync(join(dir, 'hornblende.db'), join(dir, 'hornblende-2026-01-01T00-00-00-000Z.db'));
    new Driver(join(dir, 'hornblende.db')).close();
    expect(await refusal(dir)).toContain('1 database set aside');
    const fresh = await startServer({ dataDir: dir, port: 0, fresh: true });
    expect((await (await fetch(`${fresh.url}/api/parts`)).json()) as object[]).toEqual([]);
    await fresh.close();
    expect(await namesIn(dir)).toEqual([]);
  });

  it('a first start that was killed before its first step is begun again', async () => {
    const dir = folder();
    const db = new Driver(join(dir, 'hornblende.db'));
    db.exec(`create table knex_migrations (id integer primary key, name text, batch integer, migration_time text);
      create table knex_migrations_lock ("index" integer primary key, is_locked integer);
      insert into knex_migrations_lock values (1, 1)`);
    db.close();
    expect(await namesIn(dir)).toEqual([]);
  });
});

describe('a restore', () => {
  it('that was broken off before the swap leaves the workshop from before, and after it the restored one', async () => {
    const { dir, backup } = await backedUp();
    const file = join(dir, 'hornblende.db');
    const aside = join(dir, 'hornblende-2026-01-01T00-00-00-000Z.db');
    const marker = join(dir, 'hornblende.restoring.json');
    // Power goes while the copy is written: the old one stands.
    writeFileSync(marker, JSON.stringify({ aside }));
    writeFileSync(`${file}.restoring`, 'half a copy');
    expect(await namesIn(dir)).toEqual(['Kept']);
    expect(readdirSync(dir).filter(f => f.includes('restoring'))).toEqual([]);
    // Power goes between the two renames: the old one comes back.
    writeFileSync(marker, JSON.stringify({ aside }));
    copyFileSync(backup, `${file}.restoring`);
    renameSync(file, aside);
    expect(await namesIn(dir)).toEqual(['Kept']);
    expect(existsSync(aside)).toBe(false);
    // Power goes after the swap: the restored one stands.
    copyFileSync(file, aside);
    writeFileSync(marker, '');
    expect(await namesIn(dir)).toEqual(['Kept']);
    expect(existsSync(marker)).toBe(false);
  });

  it('is prepared while the workshop stands, and touches nothing where that fails', async () => {
    const { dir, backup } = await backedUp();
    const file = join(dir, 'hornblende.db');
    const before = readdirSync(dir).sort();
    let stood = false;
    const failing = restoreInto(file, {
      prepare: copy => {
        stood = existsSync(file);
        copyFileSync(backup, copy);
        throw new Error('The disk is full.');
      },
      swapped: putInPlace => putInPlace(),
    });
    await expect(failing).rejects.toThrow('The disk is full.');
    expect(stood).toBe(true);
    expect(readdirSync(dir).sort()).toEqual(before);
    expect(await namesIn(dir)).toEqual(['Kept']);
  });

  it('lets others read while it is prepared, and what they write waits', async () => {
    const { dir, backup } = await backedUp();
    const { url, close } = await startServer({ dataDir: dir, port: 0 });
    const named = (name: string): RequestInit => ({
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ brief: brief({ name }) }),
    });
    try {
      const asked = fetch(`${url}/api/backups/${basename(backup)}/restore`, { method: 'POST' });
      const others = await Promise.all([
        fetch(`${url}/api/parts`),
        fetch(`${url}/api/parts`, named('Written meanwhile')),
        fetch(`${url}/api/health`),
      ]);
      expect(others.map(r => r.status)).toEqual([200, 201, 200]);
      expect((await asked).status).toBe(200);
    } finally {
      await close();
    }
    // Written before it or after it, never into what is set aside while saying that it was saved.
    const aside = readdirSync(dir).filter(f => /^hornblende-.*\.db$/.test(f));
    expect(aside).toHaveLength(1);
    const names = (path: string): string[] => {
      const db = new Driver(path, { readonly: true });
      const rows = db.prepare('select name from parts').pluck().all() as string[];
      db.close();
      return rows;
    };
    const both = [...names(join(dir, 'hornblende.db')), ...names(join(dir, aside[0]!))];
    expect(both).toContain('Written meanwhile');
  });

  it('withdraws every phone: keys that were withdrawn since do not come back', async () => {
    const { dir } = await backedUp();
    const db = await openDatabase(join(dir, 'hornblende.db'));
    const phones = new PhoneStore(db);
    const key = await phones.pair('Lost phone', '2026-01-01T00:00:00Z');
    await db.destroy();
    const made = await backUp(dir);
    expect(await restore(join(dir, 'backups', made.name), dir)).toMatchObject({ ok: true });
    const after = await openDatabase(join(dir, 'hornblende.db'));
    expect(await new PhoneStore(after).byKey(key, '2026-01-02T00:00:00Z')).toBeNull();
    await after.destroy();
  });

  it('brings the photographs back that the backup knows of', async () => {
    const { dir, backup, photo } = await backedUp();
    rmSync(join(dir, 'photos'), { recursive: true });
    await restore(backup, dir);
    expect(existsSync(join(dir, 'photos', photo))).toBe(true);
    expect(await verify(null, dir)).toMatchObject({ ok: true });
    const elsewhere = folder();
    await restore(backup, elsewhere);
    expect(existsSync(join(elsewhere, 'photos', photo))).toBe(true);
  });

  it('of what an older version wrote is brought up to date before it is put in place', async () => {
    const { dir, backup } = await backedUp();
    const older = openForWriting(backup);
    await older.migrate.down();
    expect(await older.schema.hasTable('search_entries')).toBe(false);
    await older.destroy();
    const { url, close } = await startServer({ dataDir: dir, port: 0 });
    try {
      const answer = await fetch(`${url}/api/backups/${basename(backup)}/restore`, { method: 'POST' });
      expect(answer.status).toBe(200);
      const found = (await (await fetch(`${url}/api/search?words=kept`)).json()) as unknown;
      expect(found).toMatchObject([{ kind: 'parts', title: 'Kept' }]);
    } finally {
      await close();
    }
    expect(readdirSync(dir).filter(f => /restoring|-wal$/.test(f))).toEqual([]);
  });
});

describe('backups', () => {
  it('go to another disk where that is asked for, and what a killed one left is swept', async () => {
    const disk = folder();
    process.env.HORNBLENDE_BACKUPS = disk;
    const { dir, backup, photo } = await backedUp();
    expect(backup.startsWith(disk)).toBe(true);
    expect(existsSync(join(disk, 'photos', photo))).toBe(true);
    expect(existsSync(join(dir, 'backups'))).toBe(false);
    const left = join(disk, 'hornblende-2026-01-01T00-00-00-000Z-daily.db.part');
    const upload = join(dir, 'photos', 'ab');
    mkdirSync(upload, { recursive: true });
    for (const f of [left, `${left}-journal`, join(upload, 'half.jpg.77.part')]) writeFileSync(f, 'half');
    expect(await namesIn(dir)).toEqual(['Kept']);
    expect(readdirSync(disk).filter(f => f.includes('.part'))).toEqual([]);
    expect(readdirSync(upload)).toEqual([]);
  });

  it('are made one after another: none thins out what another has just copied', async () => {
    const dir = folder();
    const steps: string[] = [];
    const step = async (name: string): Promise<void> => {
      steps.push(name);
      await new Promise(done => setImmediate(done));
    };
    const backups = new Backups(dir, {
      copy: async to => {
        await step('copy');
        writeFileSync(to, 'a database');
      },
      inspect: async () => {
        await step('inspect');
        return { counts: {}, checked: 0, problems: [] };
      },
      copyPhotos: async () => {
        await step('photographs');
        return 0;
      },
      sweepPhotos: () => step('sweep'),
    });
    const days = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12].map(d => new Date(Date.UTC(2026, 10, d)));
    await Promise.all(days.map(day => backups.make('demand', day)));
    const one = 'copy inspect photographs';
    expect(steps.join(' ')).toMatch(new RegExp(`^(${one}( sweep)?( |$))+$`));
    expect(steps).toContain('sweep');
  });

  it('are done while others write without a pause', async () => {
    const dir = folder();
    const server: Running = await startServer({ dataDir: dir, port: 0 });
    let going = true;
    let written = 0;
    const writing = (async () => {
      while (going) {
        const answer = await fetch(`${server.url}/api/parts`, {
          method: 'POST',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify({ brief: brief({ name: `Part ${written}` }) }),
        });
        if (answer.status === 201) written++;
      }
    })();
    const made = (await (await fetch(`${server.url}/api/backups`, { method: 'POST' })).json()) as {
      problems: string[];
      counts: { parts: number };
    };
    going = false;
    await writing;
    expect(made.problems).toEqual([]);
    expect(made.counts.parts).toBeLessThanOrEqual(written);
    await server.close();
  });
});
