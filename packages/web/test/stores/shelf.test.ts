import { parsePrinter, parseSpool, parseWorkshop, type Spool } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { StoredSpool } from '@hornblende/core/api';
import { usePrinters } from '../../src/stores/printers';
import { useShelf } from '../../src/stores/shelf';
import { useWorkshop } from '../../src/stores/workshop';

const spool = (fields: object = {}): Spool =>
  parseSpool({ format: 'hornblende-spool', version: 1, material: 'pa6', ...fields });
const daysAgo = (n: number): string => new Date(Date.now() - n * 86_400_000).toISOString();
let spools: StoredSpool[];
let settings: object;

beforeEach(() => {
  setActivePinia(createPinia());
  spools = [];
  settings = { format: 'hornblende-workshop', version: 1 };
  vi.stubGlobal('fetch', (asked: string, init?: RequestInit): Promise<Response> => {
    const path = asked.replace(/\?.*/, '');
    const body = init?.body ? (JSON.parse(String(init.body)) as { spool?: Spool; revision?: number }) : null;
    if (path === '/api/spools' && !body) return Promise.resolve(Response.json(spools));
    if (path === '/api/spools' && body?.spool) {
      const s = { id: `s${spools.length + 1}`, spool: body.spool, revision: 1, updatedAt: '' };
      spools.push(s);
      return Promise.resolve(Response.json(s, { status: 201 }));
    }
    if (path === '/api/workshop' && !body)
      return Promise.resolve(Response.json({ settings: parseWorkshop(settings), quotes: {} }));
    if (path === '/api/workshop' && body) {
      settings = body;
      return Promise.resolve(Response.json({ settings: parseWorkshop(body), quotes: {} }));
    }
    const at = spools.findIndex(s => path.endsWith(`/${s.id}`));
    if (at >= 0 && init?.method === 'DELETE') {
      spools.splice(at, 1);
      return Promise.resolve(new Response(null, { status: 204 }));
    }
    if (at >= 0 && body?.spool) {
      spools[at] = { ...spools[at]!, spool: body.spool, revision: (body.revision ?? 0) + 1 };
      return Promise.resolve(Response.json(spools[at]));
    }
    return Promise.resolve(Response.json({ errors: [] }, { status: 404 }));
  });
});

describe('the shelf', () => {
  it('tells what is left, what is low, and what is wet in this room', async () => {
    spools = [
      {
        id: 'a',
        spool: spool({
          events: [
            { kind: 'opened', at: daysAgo(30) },
            { kind: 'printed', at: daysAgo(2), grams: 900 },
          ],
        }),
        revision: 1,
        updatedAt: '',
      },
      {
        id: 'b',
        spool: spool({ material: 'pp', events: [{ kind: 'opened', at: daysAgo(300) }] }),
        revision: 1,
        updatedAt: '',
      },
      { id: 'c', spool: spool({ material: 'gone-grade' }), revision: 1, updatedAt: '' },
    ];
    const shelf = useShelf();
    await shelf.load();
    const [a, b, c] = shelf.rows;
    expect(a).toMatchObject({
      leftG: 100,
      low: true,
      name: 'PA6',
      moisture: { state: 'dry it first', where: 'open' },
    });
    expect(b).toMatchObject({ leftG: 1000, low: false, moisture: { state: 'dry' } });
    expect(c).toMatchObject({ name: 'gone-grade', family: null, moisture: null });
  });
  it('a drier room, a drier spool; the advice keeps to the hottest dryer there is', async () => {
    spools = [
      {
        id: 'a',
        spool: spool({ events: [{ kind: 'opened', at: daysAgo(30) }] }),
        revision: 1,
        updatedAt: '',
      },
    ];
    const shelf = useShelf();
    const workshop = useWorkshop();
    const printers = usePrinters();
    await Promise.all([shelf.load(), workshop.load()]);
    const damp = shelf.rows[0]!.moisture!.waterPct;
    await workshop.set({ roomRhPct: 25 });
    expect(shelf.rows[0]!.moisture!.waterPct).toBeLessThan(damp / 2);
    const machine = (dryerMaxC: number | null): object => ({
      id: String(dryerMaxC),
      profile: parsePrinter({ format: 'hornblende-printer', version: 1, name: 'P', dryerMaxC }),
      isDefault: false,
      revision: 1,
      updatedAt: '',
    });
    printers.list = [machine(null), machine(65), machine(55)] as typeof printers.list;
    expect(shelf.dryerMaxC).toBe(65);
    expect(shelf.rows[0]!.moisture!.dryC).toBe(65);
  });
  it('adds up what is in stock by material, without what is put away or empty', async () => {
    const of = (id: string, fields: object): StoredSpool => ({
      id,
      spool: spool(fields),
      revision: 1,
      updatedAt: '',
    });
    spools = [
      of('a', { leftG: 300 }),
      of('b', { leftG: 200 }),
      of('c', { leftG: 400, archived: true }),
      of('d', { material: 'pla', leftG: 0 }),
    ];
    const shelf = useShelf();
    await shelf.load();
    expect([...shelf.stock]).toEqual([['pa6', 500]]);
  });
  it('counts what was just written down, however long the page has stood open', async () => {
    vi.useFakeTimers({ toFake: ['Date'] });
    try {
      vi.setSystemTime('2026-05-01T08:00:00Z');
      const shelf = useShelf();
      await shelf.load();
      const wet = await shelf.save(spool({ events: [{ kind: 'opened', at: '2026-03-01' }] }), null);
      vi.setSystemTime('2026-05-01T08:05:00Z');
      await shelf.save(
        {
          ...wet.spool,
          events: [
            ...wet.spool.events,
            {
              kind: 'dried',
              at: '2026-05-01T08:04:00Z',
              dryingC: 80,
              hours: 20,
              grams: null,
              note: '',
              print: null,
            },
          ],
        },
        wet,
      );
      expect(shelf.rows[0]?.moisture?.state).toBe('dry');
    } finally {
      vi.useRealTimers();
    }
  });
  it('saves in place, adds at the end, removes', async () => {
    const shelf = useShelf();
    const a = await shelf.save(spool({ code: 'A' }), null);
    const b = await shelf.save(spool({ code: 'B' }), null);
    await shelf.save(spool({ code: 'A2' }), a);
    expect(shelf.list.map(s => s.spool.code)).toEqual(['A2', 'B']);
    expect(shelf.list[0]?.revision).toBe(2);
    await shelf.remove(b.id);
    expect(shelf.list.map(s => s.spool.code)).toEqual(['A2']);
  });
});
