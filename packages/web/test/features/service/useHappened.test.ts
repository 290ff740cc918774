import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import { useHappened } from '../../../src/features/service/useHappened';
import { useService } from '../../../src/stores/service';

/** Ids of the server's pages, one after another. */
let pages: string[][];
/** Answers that are held back, by the page asked for. */
let held: Promise<void>[];
let fails: boolean;

beforeEach(() => {
  setActivePinia(createPinia());
  pages = [['a', 'b'], ['c', 'd'], ['e']];
  held = [];
  fails = false;
  vi.stubGlobal('fetch', async (path: string): Promise<Response> => {
    if (fails) return Response.json({ errors: [] }, { status: 500 });
    const at = Number(new URL(path, 'http://localhost').searchParams.get('after') ?? 0);
    const items = pages[at]!.map(id => ({ id }));
    await held[at];
    const link: HeadersInit =
      at + 1 < pages.length ? { Link: `</api/service/happened?after=${at + 1}>; rel="next"` } : {};
    return Response.json(items, { headers: link });
  });
});

const used = (): ReturnType<typeof useHappened> => effectScope().run(() => useHappened())!;
const ids = ({ rows }: ReturnType<typeof useHappened>): string =>
  rows.value.map(({ id }: { id: string }) => id).join('');

describe('what the models said beside what happened', () => {
  it('comes page by page, to the last', async () => {
    const list = used();
    await vi.waitFor(() => expect(ids(list)).toBe('ab'));
    await list.more();
    expect([ids(list), list.hasMore.value]).toEqual(['abcd', true]);
    await list.more();
    expect([ids(list), list.hasMore.value]).toEqual(['abcde', false]);
    await list.more();
    expect(ids(list)).toBe('abcde');
  });
  it('begins anew when a look arrives, and takes no page of the list before', async () => {
    const list = used();
    await vi.waitFor(() => expect(ids(list)).toBe('ab'));
    let release = (): void => undefined;
    held[1] = new Promise(resolve => (release = resolve));
    const late = list.more();
    pages = [['x', 'a'], ['b']];
    useService().list = [];
    await vi.waitFor(() => expect(ids(list)).toBe('xa'));
    release();
    await late;
    expect([ids(list), list.hasMore.value]).toEqual(['xa', true]);
  });
  it('says that it failed, and is there once it is asked again', async () => {
    fails = true;
    const list = used();
    await vi.waitFor(() => expect(list.state.value).toBe('failed'));
    fails = false;
    await list.load();
    expect([list.state.value, ids(list)]).toEqual(['ready', 'ab']);
  });
});
