import { parseInspection, type Inspection } from '@hornblende/core/formats';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useLooksQueue } from '../../src/stores/looks-queue';
import { stubBrowserStore } from '../browser-store';

const photos = new Map<string, Blob>();
vi.mock('idb-keyval', () => ({
  get: (key: string) => Promise.resolve(photos.get(key)),
  set: (key: string, value: Blob) => Promise.resolve(void photos.set(key, value)),
  del: (key: string) => Promise.resolve(void photos.delete(key)),
}));

const look = (id: string, more: Partial<Inspection> = {}): Inspection => ({
  ...parseInspection({ id, placementId: 'foot', at: '2026-06-01T10:00:00Z', verdict: 'fine' }),
  ...more,
});
const hash = 'ab'.repeat(32);
/** What the server has kept, by id, and what it answers with. */
let kept: Map<string, Inspection>;
let sends: number;
let answer: 'well' | 'away' | 'lost' | 'refused' | 'unpaired';
/** The photographs that the server keeps. */
let keptPhotos: Set<string>;

beforeEach(() => {
  setActivePinia(createPinia());
  photos.clear();
  kept = new Map();
  sends = 0;
  answer = 'well';
  keptPhotos = new Set();
  stubBrowserStore();
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (answer === 'away') return Promise.reject(new TypeError('fetch failed'));
    if (answer === 'unpaired') return Promise.resolve(Response.json({ errors: [] }, { status: 401 }));
    if (path === '/api/photos') {
      keptPhotos.add(hash);
      return Promise.resolve(Response.json({ sha256: hash }, { status: 201 }));
    }
    sends++;
    const { inspection } = JSON.parse(String(init?.body)) as { inspection: Inspection };
    if (inspection.photos.some(p => !keptPhotos.has(p.sha256))) {
      const errors = [{ field: 'inspection.photos[0].sha256', value: hash, message: 'is not kept here' }];
      return Promise.resolve(Response.json({ errors }, { status: 400 }));
    }
    if (answer === 'refused') {
      const errors = [{ field: 'inspection.mode', value: null, message: 'must say how it failed' }];
      return Promise.resolve(Response.json({ errors }, { status: 400 }));
    }
    kept.set(inspection.id, inspection);
    // The server has it, and its answer is lost on the way.
    if (answer === 'lost') return Promise.reject(new TypeError('fetch failed'));
    return Promise.resolve(Response.json(inspection, { status: 201 }));
  });
});

describe('looks on their way', () => {
  it('are sent, and are gone from the browser once the server has them', async () => {
    const queue = useLooksQueue();
    await queue.add(look('look-0001'), new Map());
    await queue.flush();
    expect([...kept.keys()]).toEqual(['look-0001']);
    expect(queue.of('foot')).toEqual([]);
    expect(queue.arrived).toBe(1);
  });

  it('wait while the server is away, and over a reload', async () => {
    answer = 'away';
    await useLooksQueue().add(look('look-0001'), new Map());
    await useLooksQueue().flush();
    expect(useLooksQueue().isAway).toBe(true);
    setActivePinia(createPinia());
    const again = useLooksQueue();
    expect(again.waiting.map(w => w.look.id)).toEqual(['look-0001']);
    answer = 'well';
    await again.flush();
    expect(kept.size).toBe(1);
    expect(again.waiting).toEqual([]);
  });

  it('whose answer was lost are sent again under the same id: one look', async () => {
    const queue = useLooksQueue();
    answer = 'lost';
    await queue.add(look('look-0001'), new Map());
    await queue.flush();
    expect(queue.waiting).toHaveLength(1);
    answer = 'well';
    await queue.flush();
    expect(sends).toBe(2);
    expect(kept.size).toBe(1);
  });

  it('that are refused are kept with the reason, and hold up none behind them', async () => {
    const queue = useLooksQueue();
    answer = 'refused';
    await queue.add(look('look-0001'), new Map());
    await queue.flush();
    expect(queue.refused[0]!.problem).toContain('must say how it failed');
    answer = 'well';
    await queue.add(look('look-0002'), new Map());
    await queue.flush();
    expect([...kept.keys()]).toEqual(['look-0002']);
    queue.retry('look-0001');
    await queue.flush();
    expect(kept.size).toBe(2);
  });

  it('of a phone that is to be paired again wait, and are not refused', async () => {
    const queue = useLooksQueue();
    answer = 'unpaired';
    await queue.add(look('look-0001'), new Map());
    await queue.flush();
    expect(queue.refused).toEqual([]);
    expect(queue.waiting).toHaveLength(1);
  });

  it('show their photographs under the hash that the server keeps them by', async () => {
    const queue = useLooksQueue();
    const name = 'cd'.repeat(32);
    const shown = look('look-0001', { photos: [{ sha256: name, caption: '' }] });
    await queue.add(shown, new Map([[name, new Blob(['x'])]]));
    await queue.flush();
    expect(kept.get('look-0001')!.photos).toEqual([{ sha256: hash, caption: '' }]);
    expect(photos.size).toBe(0);
  });

  it('send their photographs anew to a server that an older backup was put in place of', async () => {
    const queue = useLooksQueue();
    const name = 'cd'.repeat(32);
    const shown = look('look-0001', { photos: [{ sha256: name, caption: '' }] });
    // The photograph arrives; then the server goes away, and comes back without it.
    answer = 'lost';
    await queue.add(shown, new Map([[name, new Blob(['x'])]]));
    await queue.flush();
    kept.clear();
    keptPhotos.clear();
    answer = 'well';
    await queue.flush();
    expect(kept.get('look-0001')!.photos).toEqual([{ sha256: hash, caption: '' }]);
    expect(queue.refused).toEqual([]);
  });

  it('of which a photograph is gone from this browser say so, and go without it when that is asked for', async () => {
    const queue = useLooksQueue();
    answer = 'away';
    const gone = 'cd'.repeat(32);
    await queue.add(look('look-0001', { photos: [{ sha256: gone, caption: '' }] }), new Map());
    await queue.flush();
    answer = 'well';
    await queue.flush();
    expect(kept.size).toBe(0);
    expect(queue.refused[0]!.problem).toContain('A photograph of this look is gone');
    await queue.sendWithout('look-0001');
    expect(kept.get('look-0001')!.photos).toEqual([]);
  });
});
