import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import { keepPieces, putTogether, takeApart } from '../../src/db/decision-pieces.js';
import { openDatabase, openForReading } from '../../src/db/database.js';
import { holdingGate, writing } from '../../src/db/write-gate.js';
import { parseBrief } from '@hornblende/core/brief';
import { decide } from '@hornblende/core/records';
import { brief } from '../running.js';

const folder = mkdtempSync(join(tmpdir(), 'hornblende-db-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

describe('the database', () => {
  it('a write transaction has the lock from its beginning, before it writes anything', async () => {
    const file = join(folder, 'lock.db');
    const one = await openDatabase(file);
    const two = await openDatabase(file);
    await two.raw('pragma busy_timeout = 0');
    await one.transaction(async t => {
      await t('parts').first();
      await expect(two.transaction(t2 => t2('parts').first())).rejects.toMatchObject({ code: 'SQLITE_BUSY' });
      // Reading goes on beside it.
      expect(await two('parts').first()).toBeUndefined();
    });
    await Promise.all([one.destroy(), two.destroy()]);
  });

  it('one writer at a time: a second waits until the first is through', async () => {
    const db = await openDatabase(join(folder, 'gate.db'));
    const order: string[] = [];
    let release: () => void = () => undefined;
    const held = holdingGate(db, async () => {
      order.push('job begins');
      await new Promise<void>(ok => (release = ok));
      order.push('job ends');
    });
    const written = writing(db, async t => {
      order.push('write');
      await t('marks').insert({ name: 'x', at: '' });
      // Within a transaction it is part of that, and waits for nobody.
      await writing(t, t2 => t2('marks').insert({ name: 'y', at: '' }));
    });
    await new Promise(ok => setImmediate(ok));
    release();
    await Promise.all([held, written]);
    expect(order).toEqual(['job begins', 'job ends', 'write']);
    expect(await db('marks').pluck('name')).toEqual(['x', 'y']);
    await db.destroy();
  });

  it('tells the disk to keep what it writes before it is acknowledged, in a log beside the file', async () => {
    const db = await openDatabase(join(folder, 'kept.db'));
    const FULL = 2;
    expect(await db.raw('pragma synchronous')).toEqual([{ synchronous: FULL }]);
    expect(await db.raw('pragma journal_mode')).toEqual([{ journal_mode: 'wal' }]);
    await db.destroy();
  });

  it('what is opened for reading cannot be written to', async () => {
    const file = join(folder, 'read.db');
    await (await openDatabase(file)).destroy();
    const db = openForReading(file);
    await expect(db('marks').insert({ name: 'x', at: '' })).rejects.toMatchObject({
      code: 'SQLITE_READONLY',
    });
    await db.destroy();
  });
});

describe('the bulk of a record', () => {
  const record = (reason: string): ReturnType<typeof decide> =>
    decide(
      { firstChoice: 'pla', secondChoice: 'petg', reason, decidedBy: 'A. N.', hazardAcknowledged: false },
      { brief: parseBrief(brief()), given: brief(), printer: null, weather: null, grades: [] },
      { at: '2026-01-01T00:00:00.000Z', draws: 200 },
    );

  it('is packed to less than a tenth, shared, and comes back as it was', async () => {
    const db = await openDatabase(join(folder, 'pieces.db'));
    const [one, two] = [record('Easy.'), record('Cheap.')].map(
      ({ premises: { families: _all, ...premises }, ...r }) => ({
        ...r,
        premises,
      }),
    );
    const apart = [takeApart(one!), takeApart(two!)];
    for (const { pieces } of apart) await keepPieces(db, pieces);
    // The same question decided twice: everything but the words is kept once.
    expect(await db('record_pieces').count({ n: '*' })).toEqual([
      { n: new Set(Object.values(apart[0]!.lean.pieces)).size },
    ]);
    const kept = (await db('record_pieces').select('data')) as { data: Buffer }[];
    const bytes =
      kept.reduce((sum, { data }) => sum + data.length, 0) + JSON.stringify(apart[0]!.lean).length;
    expect(bytes).toBeLessThan(0.12 * JSON.stringify(one).length);
    const back = await putTogether(db, JSON.parse(JSON.stringify(apart[1]!.lean)) as never);
    expect(back).toEqual(JSON.parse(JSON.stringify(two)));
    await db('record_pieces').delete();
    await expect(putTogether(db, apart[1]!.lean)).rejects.toThrow('is missing');
    await db.destroy();
  });
});
