import { newBrief, parseBrief } from '@hornblende/core';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Part } from '@hornblende/core';
import { useDraft } from '../../../src/features/part/draft';
import { browserKeeps } from '../../../src/stores/browser-store';
import { stubBrowserStore, type FakeStorage } from '../../browser-store';

/** A server in memory: one part, with revisions, and a switch for being away. */
class FakeServer {
  part: Part;
  away = false;
  /** Whether it saves, and its answer does not arrive. */
  losesAnswers = false;
  puts = 0;
  constructor() {
    const given = { format: 'hornblende-brief', version: 1, name: 'Bracket' };
    this.part = {
      id: 'p1',
      name: 'Bracket',
      brief: newBrief('Bracket'),
      given,
      printerId: null,
      weatherId: null,
      revision: 1,
      createdAt: '',
      updatedAt: '',
      archivedAt: null,
    };
  }

  readonly fetch = (path: string, init?: RequestInit): Promise<Response> => {
    if (this.away) return Promise.reject(new TypeError('fetch failed'));
    if (path !== '/api/parts/p1')
      return Promise.resolve(
        Response.json(
          { errors: [{ field: 'part', value: null, message: 'does not exist' }] },
          { status: 404 },
        ),
      );
    if (init?.method !== 'PUT') return Promise.resolve(Response.json(this.part));
    this.puts++;
    const body = JSON.parse(String(init.body)) as {
      brief: object;
      printerId: string | null;
      weatherId: string | null;
      revision: number;
    };
    if (body.revision !== this.part.revision)
      return Promise.resolve(
        Response.json(
          {
            errors: [{ field: 'revision', value: body.revision, message: 'was saved from elsewhere' }],
            current: this.part,
          },
          { status: 409 },
        ),
      );
    if (body.printerId === 'gone')
      return Promise.resolve(
        Response.json(
          { errors: [{ field: 'printerId', value: 'gone', message: 'is not in this workshop' }] },
          { status: 400 },
        ),
      );
    this.save(body.brief, body.printerId);
    if (this.losesAnswers) return Promise.reject(new TypeError('fetch failed'));
    return Promise.resolve(Response.json(this.part));
  };

  /** Saves as another tab would. */
  save(given: object, printerId: string | null = null): void {
    this.part = {
      ...this.part,
      given,
      brief: parseBrief(given),
      printerId,
      revision: this.part.revision + 1,
    };
  }
}

let server: FakeServer;
let storage: FakeStorage;
beforeEach(() => {
  setActivePinia(createPinia());
  server = new FakeServer();
  vi.stubGlobal('fetch', server.fetch);
  storage = stubBrowserStore();
});

async function opened(): Promise<ReturnType<typeof useDraft>> {
  const draft = useDraft();
  await draft.open('p1');
  return draft;
}

describe('editing', () => {
  it('sets a field in the brief and in what was said', async () => {
    const draft = await opened();
    draft.set('heat.ambientMaxC', 41);
    expect(draft.brief?.heat.ambientMaxC).toBe(41);
    expect(draft.content?.given).toEqual({
      format: 'hornblende-brief',
      version: 1,
      name: 'Bracket',
      heat: { ambientMaxC: 41 },
    });
    expect(draft.saveState).toBe('waiting');
  });

  it('undoes and redoes; a burst on one field is one step', async () => {
    const draft = await opened();
    for (const years of [6, 7, 8]) draft.set('lifeYears', years);
    draft.set('sun', 'full');
    draft.undo();
    expect(draft.brief).toMatchObject({ lifeYears: 8, sun: 'none' });
    draft.undo();
    expect(draft.brief?.lifeYears).toBe(5);
    draft.redo();
    draft.redo();
    expect(draft.brief).toMatchObject({ lifeYears: 8, sun: 'full' });
    draft.undo();
    draft.set('water', 'rain');
    expect(draft.canRedo).toBe(false);
  });

  it('reading a file is one step of undo, and a bad one changes nothing', async () => {
    const draft = await opened();
    const before = draft.content;
    expect(() => draft.load({ format: 'hornblende-brief', version: 1, name: 'x', sun: 'blazing' })).toThrow();
    expect(draft.content).toBe(before);
    draft.load({ format: 'hornblende-brief', version: 1, name: 'Other', lifeYears: 2 });
    expect(draft.brief?.lifeYears).toBe(2);
    draft.undo();
    expect(draft.content).toBe(before);
  });
});

describe('saving', () => {
  it('saves what was said, and then there is nothing to save', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    await draft.flush();
    expect(server.part).toMatchObject({ revision: 2, given: { lifeYears: 9 } });
    expect(draft.saveState).toBe('saved');
    expect(storage.values.size).toBe(0);
    await draft.flush();
    expect(server.puts).toBe(1);
  });

  it('what is typed while a save is under way is saved after it', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    const first = draft.flush();
    draft.set('lifeYears', 10);
    await first;
    expect(draft.saveState).toBe('waiting');
    await draft.flush();
    expect(server.part.brief.lifeYears).toBe(10);
  });

  it('keeps a journal while the server is away, and brings it back', async () => {
    const draft = await opened();
    server.away = true;
    draft.set('lifeYears', 9);
    await draft.flush();
    expect(draft.saveState).toBe('failed');
    expect(draft.saveError).toMatch(/cannot be reached/);
    server.away = false;
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.brief?.lifeYears).toBe(9);
    expect(again.saveState).toBe('waiting');
    await again.flush();
    expect(server.part.brief.lifeYears).toBe(9);
  });

  it('a journal that says what the server says is dropped', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    const [key, journal] = [...storage.values][0]!;
    await draft.flush();
    storage.setItem(key, journal);
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.saveState).toBe('saved');
    expect(storage.values.size).toBe(0);
  });

  it('a broken journal is dropped, not shown', async () => {
    storage.setItem('hornblende-draft-p1', '{"given":{"sun":7}}');
    const draft = await opened();
    expect(draft.saveState).toBe('saved');
    expect(draft.brief?.sun).toBe('none');
  });
});

describe('an answer that is lost', () => {
  it('is no conflict: what the server has is what was sent', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    server.losesAnswers = true;
    await draft.flush();
    expect(draft.saveState).toBe('failed');
    server.losesAnswers = false;
    await draft.flush();
    expect(draft.saveState).toBe('saved');
    expect(server.part).toMatchObject({ revision: 2, given: { lifeYears: 9 } });
    expect(storage.values.size).toBe(0);
  });

  it('and what was typed after it is saved over it, also after the page was loaded again', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    server.losesAnswers = true;
    await draft.flush();
    server.losesAnswers = false;
    draft.set('sun', 'full');
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.saveState).toBe('waiting');
    await again.flush();
    await again.flush();
    expect(again.saveState).toBe('saved');
    expect(server.part.given).toMatchObject({ lifeYears: 9, sun: 'full' });
  });
});

describe('a browser that keeps nothing', () => {
  it('full, it saves all the same, and says that nothing is kept here', async () => {
    const draft = await opened();
    storage.full = true;
    draft.set('lifeYears', 9);
    expect(draft.saveState).toBe('waiting');
    expect(browserKeeps.value).toBe('full');
    await draft.flush();
    expect(server.part.brief.lifeYears).toBe(9);
    expect(draft.saveState).toBe('saved');
    storage.full = false;
    draft.set('lifeYears', 10);
    expect(browserKeeps.value).toBe('keeps');
  });

  it('forbidden, it saves all the same', async () => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      get: () => {
        throw new DOMException('denied', 'SecurityError');
      },
    });
    const draft = await opened();
    draft.set('lifeYears', 9);
    await draft.flush();
    expect(server.part.brief.lifeYears).toBe(9);
    expect(browserKeeps.value).toBe('forbidden');
    browserKeeps.value = 'keeps';
  });
});

describe('a printer that is gone', () => {
  it('is let go, and everything else is saved', async () => {
    const draft = await opened();
    draft.setPrinter('gone');
    draft.set('lifeYears', 9);
    await draft.flush();
    expect(draft.content?.printerId).toBeNull();
    await draft.flush();
    expect(server.part).toMatchObject({ printerId: null, given: { lifeYears: 9 } });
  });
});

describe('two tabs', () => {
  /** What another tab typed and could not save. */
  const typedElsewhere = (tab: string, lifeYears: number, at: number): void =>
    storage.setItem(
      `hornblende-draft-p1.${tab}`,
      JSON.stringify({
        given: { format: 'hornblende-brief', version: 1, name: 'Bracket', lifeYears },
        printerId: null,
        weatherId: null,
        revision: 1,
        at,
      }),
    );

  it('away from the server, each keeps what is typed in it', async () => {
    const held = [{ name: 'hornblende-tab-other' }];
    vi.stubGlobal('navigator', {
      locks: { request: () => undefined, query: () => Promise.resolve({ held }) },
    });
    typedElsewhere('other', 30, 1);
    const draft = await opened();
    // The other tab is open: what it typed is its own.
    expect(draft.brief?.lifeYears).toBe(5);
    server.away = true;
    draft.set('lifeYears', 9);
    await draft.flush();
    expect([...storage.values.keys()].filter(k => k.startsWith('hornblende-draft-p1'))).toHaveLength(2);
    vi.unstubAllGlobals();
  });

  it('that are gone: the newest is shown, the other one undo away', async () => {
    typedElsewhere('first', 30, 1);
    typedElsewhere('second', 40, 2);
    const draft = await opened();
    expect(draft.brief?.lifeYears).toBe(40);
    expect(draft.saveState).toBe('waiting');
    draft.undo();
    expect(draft.brief?.lifeYears).toBe(30);
    draft.redo();
    await draft.flush();
    expect(server.part.brief.lifeYears).toBe(40);
    expect(storage.values.size).toBe(0);
  });

  const theirs = { format: 'hornblende-brief', version: 1, name: 'Bracket', lifeYears: 20 };

  it('a stale save becomes a conflict with both versions', async () => {
    const draft = await opened();
    server.save(theirs);
    draft.set('sun', 'full');
    await draft.flush();
    expect(draft.saveState).toBe('conflict');
    expect(draft.theirs?.brief.lifeYears).toBe(20);
    expect(draft.brief?.sun).toBe('full');
    expect(server.part.brief.sun).toBe('none');
  });

  it.each(['mine', 'theirs'] as const)('keeping %s ends it, with the other one undo away', async keep => {
    const draft = await opened();
    server.save(theirs);
    draft.set('sun', 'full');
    await draft.flush();
    await draft.resolve(keep);
    expect(draft.saveState).toBe('saved');
    expect(draft.brief).toMatchObject(
      keep === 'mine' ? { sun: 'full', lifeYears: 5 } : { sun: 'none', lifeYears: 20 },
    );
    expect(server.part.brief.sun).toBe(keep === 'mine' ? 'full' : 'none');
    draft.undo();
    expect(draft.brief).toMatchObject(keep === 'mine' ? { lifeYears: 20 } : { sun: 'full' });
  });

  it('with nothing to save here, what another tab saved is simply shown', async () => {
    const draft = await opened();
    expect(await draft.refresh()).toBe(false);
    server.save(theirs);
    expect(await draft.refresh()).toBe(true);
    expect(draft.brief?.lifeYears).toBe(20);
  });

  it('with something to save here, it is left alone', async () => {
    const draft = await opened();
    draft.set('sun', 'full');
    server.save(theirs);
    expect(await draft.refresh()).toBe(false);
    expect(draft.brief?.sun).toBe('full');
  });
});

describe('opening', () => {
  it('says so when a part is not there, or the server is away', async () => {
    const draft = useDraft();
    await draft.open('nobody');
    expect(draft.loadError).toBe('There is no such part; it may have been removed.');
    server.away = true;
    await draft.open('p1');
    expect(draft.loadError).toMatch(/cannot be reached/);
  });
  it('saves the part before it opens another', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    await draft.open('nobody');
    expect(server.part.brief.lifeYears).toBe(9);
  });
});
