import Driver from 'better-sqlite3';
import fc from 'fast-check';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { requireSum, unsummedColumns, type Row } from '../src/db/kind.js';
import { recordKinds } from '../src/db/kinds/index.js';
import { recordSum } from '../src/db/record-sum.js';
import { startServer, verify, type Running } from '../src/index.js';
import { copyDemo } from './sown.js';

const dataDir = mkdtempSync(join(tmpdir(), 'hornblende-sums-'));
const file = join(dataDir, 'hornblende.db');
let server: Running | null = null;
beforeAll(async () => {
  await copyDemo(dataDir);
});
afterAll(async () => {
  await server?.close();
  rmSync(dataDir, { recursive: true, force: true });
});

/** Lets something happen to the file while nobody serves it. */
function inFile<T>(work: (db: Driver.Database) => T): T {
  const db = new Driver(file);
  try {
    return work(db);
  } finally {
    db.close();
  }
}

describe('the checksum of a record', () => {
  it('is told by any flipped bit of what it covers', () => {
    fc.assert(
      fc.property(
        fc.dictionary(
          fc.stringMatching(/^[a-z_]{1,8}$/),
          fc.oneof(fc.string({ minLength: 1 }), fc.integer()),
          {
            minKeys: 1,
          },
        ),
        fc.nat(),
        fc.integer({ min: 0, max: 7 }),
        (row, which, bit) => {
          const columns = Object.keys(row).sort();
          const column = columns[which % columns.length]!;
          const bytes = Buffer.from(String(row[column]));
          bytes[which % bytes.length]! ^= 1 << bit;
          const flipped = { ...row, [column]: bytes.toString('latin1') };
          if (flipped[column] === String(row[column])) return;
          expect(recordSum(flipped, new Set())).not.toBe(recordSum(row, new Set()));
        },
      ),
    );
  });

  it('does not mind a column that is new and empty, nor the order of columns', () => {
    const row = { id: 'a', name: 'Foot', revision: 3, archived: false, data: Buffer.from('x') };
    const turned = { data: Buffer.from('x'), later: null, archived: 0, revision: 3, name: 'Foot', id: 'a' };
    expect(recordSum(turned, new Set())).toBe(recordSum(row, new Set()));
  });

  it('stands in every record of the demo, and fits', () => {
    inFile(db => {
      for (const kind of recordKinds)
        for (const row of db.prepare(`select * from ${kind.table}`).iterate() as IterableIterator<Row>)
          expect(
            () => requireSum(kind, row),
            `${kind.name} ${JSON.stringify(row).slice(0, 80)}`,
          ).not.toThrow();
    });
  });
});

describe('one flipped byte in a row', () => {
  /** Every column of a row that holds text, of a kind that a list shows. */
  const lists: Record<string, string> = {
    parts: '/api/parts',
    printers: '/api/printers',
    grades: '/api/grades',
    spools: '/api/spools',
    prints: '/api/prints',
    trials: '/api/trials',
    faults: '/api/faults',
    placements: '/api/placements',
    maps: '/api/maps',
  };

  it('is told of at the start and by its list, wherever it is', async () => {
    for (const kind of recordKinds.filter(k => lists[k.table])) {
      const apart = unsummedColumns(kind);
      const row = inFile(db => db.prepare(`select * from ${kind.table} limit 1`).get() as Row);
      const columns = Object.keys(row).filter(
        c => typeof row[c] === 'string' && row[c] !== '' && !apart.has(c) && !kind.key.includes(c),
      );
      const column = columns[columns.length >> 1]!;
      const old = String(row[column]);
      const middle = old.length >> 1;
      // A letter becomes another one: JSON and dates can still be read.
      const flipped = old.slice(0, middle) + (old[middle] === '0' ? '1' : '0') + old.slice(middle + 1);
      const set = (value: string): void =>
        inFile(db => {
          db.prepare(`update ${kind.table} set ${column} = ? where ${kind.key[0]} = ?`).run(
            value,
            row[kind.key[0]!],
          );
        });
      set(flipped);
      const running = await startServer({ dataDir, port: 0 });
      try {
        const health = (await (await fetch(`${running.url}/api/health`)).json()) as {
          status: string;
          damagedRecords: string[];
        };
        expect(health.status, `${kind.table}.${column}`).toBe('damaged');
        expect(health.damagedRecords[0]).toContain(`${kind.name} ${String(row[kind.key[0]!])}`);
        const list = await fetch(running.url + lists[kind.table]!);
        expect(list.headers.get('Unreadable-Rows'), kind.table).toBe('1');
        const one = await fetch(`${running.url}${lists[kind.table]!}/${String(row[kind.key[0]!])}`);
        expect(one.status).toBe(503);
      } finally {
        await running.close();
        set(old);
      }
    }
    expect(await verify(null, dataDir)).toMatchObject({ ok: true });
  });

  it('leaves the rest of the workshop in use', async () => {
    const id = inFile(db => {
      const one = db.prepare('select id from spools limit 1').pluck().get() as string;
      db.prepare('update spools set data = replace(data, \'"version":1\', \'"version":2\') where id = ?').run(
        one,
      );
      return one;
    });
    server = await startServer({ dataDir, port: 0 });
    const made = await fetch(`${server.url}/api/spools`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ spool: { format: 'hornblende-spool', version: 1, material: 'pla' } }),
    });
    expect(made.status).toBe(201);
    expect((await fetch(`${server.url}/api/spools/${id}`)).status).toBe(503);
    expect((await fetch(`${server.url}/api/spools/${id}`, { method: 'DELETE' })).status).toBe(204);
    expect((await fetch(`${server.url}/api/spools`)).headers.get('Unreadable-Rows')).toBeNull();
  });
});
