import Driver from 'better-sqlite3';
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { failedKinds } from '@hornblende/core/service';
import { openForReading } from '../src/db/database.js';
import { failedKindsIn } from '../src/db/placed.js';
import { withKeptService } from '../src/jobs/placed-parts.js';
import { damageTable } from './damage.js';
import { runningApi } from './running.js';

const api = runningApi({ demo: true });
const { call, dataDir } = api;
const keptFile = (): string => join(dataDir, 'worked-out.db');
const removeKept = (): void => {
  for (const suffix of ['', '-wal', '-shm']) rmSync(keptFile() + suffix, { force: true });
};
const idsKept = (): string[] => {
  const db = new Driver(keptFile(), { readonly: true });
  try {
    return db.prepare('select id from parts order by id').pluck().all() as string[];
  } finally {
    db.close();
  }
};
/** Everything that is worked out of parts in service. */
const evidence = async (): Promise<unknown> => [
  (await call('GET', '/api/service/evidence')).body,
  (await call('GET', '/api/service/evidence?by=part')).body,
  (await call('GET', '/api/service/happened')).body,
];

interface Listed {
  id: string;
  placement: Record<string, unknown> & { name: string; partId: string | null; place: object };
  revision: number;
  standing: { verdict: string | null; looks: number };
}
const placements = async (): Promise<Listed[]> =>
  (await call('GET', '/api/placements?limit=1000')).body as unknown as Listed[];
const named = async (name: string): Promise<Listed> =>
  (await placements()).find(p => p.placement.name === name)!;
const FOOT = 'Stand foot, hive 3, front left';

/** Changes of everything that evidence rests on. */
const changes: [what: string, change: () => Promise<unknown>][] = [
  [
    'a look',
    async () => {
      const { id } = await named(FOOT);
      const look = { id: 'kept-look-1', placementId: id, at: new Date(Date.now() - 60_000).toISOString() };
      return call('PUT', '/api/inspections/kept-look-1', {
        inspection: { ...look, verdict: 'failed', mode: 'cracked' },
      });
    },
  ],
  ['a look struck out', () => call('POST', '/api/inspections/kept-look-1/strike', { struck: true })],
  [
    'where a part is',
    async () => {
      const { id, placement, revision } = await named(FOOT);
      const place = { ...placement.place, partMaxC: 95 };
      return call('PUT', `/api/placements/${id}`, { placement: { ...placement, place }, revision });
    },
  ],
  [
    'the brief of its part',
    async () => {
      const { placement } = await named(FOOT);
      const { body } = await call('GET', `/api/parts/${placement.partId}`);
      const { revision, printerId } = body as { revision: number; printerId: string | null };
      const said = body.brief as { loads: { forceN: number }[] };
      const brief = { ...said, loads: said.loads.map(l => ({ ...l, forceN: 5 * l.forceN })) };
      return call('PUT', `/api/parts/${placement.partId}`, { brief, printerId, revision });
    },
  ],
  [
    'its grade',
    async () => {
      const { body } = await call('GET', '/api/grades/tarnbeck-hill-asa');
      const { grade, revision } = body as { grade: { measured: object }; revision: number };
      const measured = { ...grade.measured, hdt045C: 62 };
      return call('PUT', '/api/grades/tarnbeck-hill-asa', { grade: { ...grade, measured }, revision });
    },
  ],
  [
    'what its part is called',
    async () => {
      const { placement } = await named(FOOT);
      const { body } = await call('GET', `/api/parts/${placement.partId}`);
      const { revision, printerId, brief } = body as {
        revision: number;
        printerId: string | null;
        brief: object;
      };
      return call('PUT', `/api/parts/${placement.partId}`, {
        brief: { ...brief, name: 'Housing, called anew' },
        printerId,
        revision,
      });
    },
  ],
  [
    'a part put away',
    async () => {
      const { id, placement, revision } = await named(FOOT);
      return call('PUT', `/api/placements/${id}`, { placement: { ...placement, archived: true }, revision });
    },
  ],
  ['a part removed', async () => call('DELETE', `/api/placements/${(await placements())[0]!.id}`)],
];

describe('what was worked out of parts in service', () => {
  it('is kept, and is what would be worked out anew after any change that it rests on', async () => {
    let before = JSON.stringify(await evidence());
    expect(idsKept()).toEqual((await placements()).map(p => p.id).sort());
    for (const [what, change] of changes) {
      const answer = (await change()) as { status: number; body: unknown };
      expect(answer.status, `${what}: ${JSON.stringify(answer.body)}`).toBeLessThan(300);
      const kept = JSON.stringify(await evidence());
      expect(kept, what).not.toBe(before);
      removeKept();
      expect(JSON.parse(kept), what).toEqual(await evidence());
      before = kept;
    }
  });
  it('keeps what was there where no more can be written, and says what is new nevertheless', async () => {
    await evidence();
    const ids = idsKept();
    const db = new Driver(keptFile());
    db.exec(`create trigger full before insert on parts begin select raise(abort, 'full'); end`);
    db.close();
    const [{ id }] = (await placements()) as [Listed];
    const look = { id: 'kept-look-2', placementId: id, at: new Date().toISOString(), verdict: 'worn' };
    await call('PUT', '/api/inspections/kept-look-2', { inspection: look });
    const full = await evidence();
    expect(idsKept()).toEqual(ids);
    removeKept();
    expect(await evidence()).toEqual(full);
  });
  it('gives an answer that was worked out before only until anything changes', async () => {
    await evidence();
    const db = new Driver(keptFile());
    const told = `update answers set answer = '{"groups":"as it was kept"}'`;
    expect(db.prepare(told).run().changes).toBeGreaterThan(1);
    expect((await call('GET', '/api/service/evidence')).body).toEqual({ groups: 'as it was kept' });
    const [{ id, placement, revision }] = (await placements()) as [Listed];
    await call('PUT', `/api/placements/${id}`, { placement: { ...placement, note: 'Moved' }, revision });
    expect((await call('GET', '/api/service/evidence')).body.groups).toBeInstanceOf(Array);
    db.close();
  });
  it('forgets parts that are gone', async () => {
    const { id } = (await placements())[0]!;
    await evidence();
    expect(idsKept()).toContain(id);
    await call('DELETE', `/api/placements/${id}`);
    await evidence();
    expect(idsKept()).not.toContain(id);
  });
  it('begins anew where its file is damaged, and goes into no archive or backup', async () => {
    const before = await evidence();
    removeKept();
    writeFileSync(keptFile(), 'no database at all, but long enough to be looked at as one');
    expect(await evidence()).toEqual(before);
    expect(existsSync(keptFile())).toBe(true);
    expect((await call('POST', '/api/backups', {})).body.problems).toEqual([]);
  });
  it('begins anew where a page of its file is damaged', async () => {
    const before = await evidence();
    damageTable(keptFile(), 'parts');
    expect(await evidence()).toEqual(before);
    expect(idsKept().length).toBeGreaterThan(0);
  });
  it('answers where nothing can be kept: its file takes no rows, or has another layout', async () => {
    const before = await evidence();
    const inFile = (sql: string): void => {
      const db = new Driver(keptFile());
      db.exec(sql);
      db.close();
    };
    inFile(
      `delete from parts; delete from answers;
       create trigger full before insert on parts begin select raise(abort, 'takes no rows'); end`,
    );
    expect(await evidence()).toEqual(before);
    expect(idsKept()).toEqual([]);
    removeKept();
    inFile('create table parts (id text); pragma user_version = 1');
    expect(await evidence()).toEqual(before);
    expect(idsKept().length).toBeGreaterThan(0);
  });
  it('counts the parts that failed by their kinds as the list of parts does', async () => {
    const db = openForReading(join(dataDir, 'hornblende.db'));
    try {
      const byKey = (kinds: readonly object[]): string[] =>
        kinds.map(k => JSON.stringify(Object.entries(k).sort())).sort();
      const now = new Date().toISOString();
      const kinds = failedKinds(await withKeptService(db, now, kept => [...kept.all()]));
      expect(kinds.length).toBeGreaterThan(0);
      expect(byKey(await failedKindsIn(db))).toEqual(byKey(kinds));
    } finally {
      await db.destroy();
    }
  });
  it('leaves out a part that cannot be read, and works it out no more until it is written again', async () => {
    const ofFailure = ({ standing }: Listed): boolean => standing.verdict === 'failed';
    const all = await placements();
    const second = all.find(ofFailure);
    const first = all.find(p => p.standing.looks > 0 && !ofFailure(p));
    const db = new Driver(join(dataDir, 'hornblende.db'));
    db.prepare("update placements set data = 'no JSON' where id = ?").run(second!.id);
    db.close();
    const happened = (await call('GET', '/api/service/happened')).body as unknown as { id: string }[];
    expect(happened.map(h => h.id)).toContain(first!.id);
    expect(happened.map(h => h.id)).not.toContain(second!.id);
    expect(idsKept()).toContain(second!.id);
    expect((await call('GET', '/api/placements')).status).toBe(200);
    expect((await call('GET', '/api/service/due.ics')).status).toBe(200);
  });
});
