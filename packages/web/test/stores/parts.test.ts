import type { Part, PartChange } from '@hornblende/core/api';
import { parseBrief } from '@hornblende/core/brief';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { useParts } from '../../src/stores/parts';

const given = (name: string): Record<string, unknown> => ({ format: 'hornblende-brief', version: 1, name });
const part = (id: string, archived = false): Part =>
  ({
    id,
    name: id,
    brief: parseBrief(given(id)),
    given: given(id),
    printerId: 'shed',
    weatherId: null,
    revision: 3,
    createdAt: '',
    updatedAt: '',
    archivedAt: archived ? '2026-01-01T00:00:00Z' : null,
  }) as unknown as Part;

/** Parts in pages of two. */
const PAGE = 2;
let kept: Part[];
let sent: { method: string; path: string; body: unknown }[];
let away: boolean;

beforeEach(() => {
  setActivePinia(createPinia());
  kept = ['a', 'b', 'c', 'd', 'e'].map(id => part(id)).concat(part('old', true));
  sent = [];
  away = false;
  vi.stubGlobal('fetch', (path: string, init?: RequestInit): Promise<Response> => {
    if (away) return Promise.reject(new TypeError('fetch failed'));
    const method = init?.method ?? 'GET';
    const url = new URL(path, 'http://localhost');
    if (method !== 'GET') {
      sent.push({ method, path: url.pathname, body: init?.body ? JSON.parse(String(init.body)) : null });
      const id = url.pathname.split('/').at(-1)!;
      if (method === 'DELETE') {
        kept = kept.filter(p => p.id !== id);
        return Promise.resolve(new Response(null, { status: 204 }));
      }
      if (method === 'PUT') {
        const { archived } = JSON.parse(String(init?.body)) as PartChange;
        kept = kept.map(p => (p.id === id ? part(id, archived) : p));
      }
      return Promise.resolve(Response.json(kept.find(p => p.id === id) ?? part('new')));
    }
    const words = url.searchParams.get('search') ?? '';
    const wanted = kept.filter(
      p =>
        p.name.includes(words) && (p.archivedAt !== null) === (url.searchParams.get('archived') === 'true'),
    );
    const from = Number(url.searchParams.get('after') ?? 0);
    const more = from + PAGE < wanted.length;
    return Promise.resolve(
      Response.json(wanted.slice(from, from + PAGE), {
        headers: more ? { Link: `<${nextOf(url, from + PAGE)}>; rel="next"` } : {},
      }),
    );
  });
});

/** The address of the next page of a list. */
function nextOf(url: URL, after: number): string {
  url.searchParams.set('after', String(after));
  return `${url.pathname}${url.search}`;
}
const names = (list: readonly { name: string }[]): string[] => list.map(p => p.name);

describe('the list of parts', () => {
  it('comes page by page, each part once, until all are here', async () => {
    const parts = useParts();
    await parts.load();
    expect(parts.state).toBe('ready');
    expect(names(parts.list)).toEqual(['a', 'b']);
    expect(parts.next).not.toBeNull();
    await parts.loadMore();
    expect(names(parts.list)).toEqual(['a', 'b', 'c', 'd']);
    await parts.loadRest();
    expect(names(parts.list)).toEqual(['a', 'b', 'c', 'd', 'e']);
    expect(parts.next).toBeNull();
    await parts.loadMore();
    expect(parts.list).toHaveLength(5);
  });
  it('is searched by the server through all its pages, and is whole again afterwards', async () => {
    kept = ['a1', 'b1', 'a2', 'a3', 'b2', 'a4'].map(id => part(id));
    const parts = useParts();
    await parts.load();
    await parts.load('a');
    expect(names(parts.list)).toEqual(['a1', 'a2']);
    await parts.loadMore();
    expect(names(parts.list)).toEqual(['a1', 'a2', 'a3', 'a4']);
    expect(parts.next).toBeNull();
    await parts.load();
    expect(names(parts.list)).toEqual(['a1', 'b1']);
  });
  it('is that of the last search, whichever answer comes last', async () => {
    const parts = useParts();
    const first = parts.load('e');
    await parts.load('c');
    await first;
    expect(names(parts.list)).toEqual(['c']);
    await parts.load();
    const more = parts.loadMore();
    await parts.load('d');
    await more;
    expect(names(parts.list)).toEqual(['d']);
  });
  it('says why when it cannot be fetched, and keeps what was here', async () => {
    const parts = useParts();
    await parts.load();
    away = true;
    await parts.load();
    expect(parts.state).toBe('failed');
    expect(parts.error).not.toBe('');
    expect(names(parts.list)).toEqual(['a', 'b']);
  });
  it('puts a part away with everything else as it was, brings it back, and deletes it for good', async () => {
    const parts = useParts();
    await parts.loadAll();
    await parts.setArchived(part('b'), true);
    expect(sent[0]).toMatchObject({
      method: 'PUT',
      path: '/api/parts/b',
      body: { brief: given('b'), printerId: 'shed', archived: true, revision: 3 },
    });
    expect(names(parts.list)).not.toContain('b');
    expect(names(parts.away)).toEqual(['b', 'old']);
    await parts.remove('old');
    expect(names(parts.away)).toEqual(['b']);
    await parts.setArchived(part('b', true), false);
    expect(names(parts.away)).toEqual([]);
  });
  it('makes a part from a start, or like another one under a new name', async () => {
    const parts = useParts();
    await parts.create('Bracket', 'shed', { start: { sun: 'full' }, id: 'mine' });
    await parts.create('Copy', null, { from: part('a') });
    expect(sent.map(s => s.body)).toMatchObject([
      { brief: { name: 'Bracket', sun: 'full' }, printerId: 'shed', id: 'mine' },
      { brief: { name: 'Copy' }, printerId: 'shed', id: null },
    ]);
  });
});
