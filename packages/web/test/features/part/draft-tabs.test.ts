import { describe, expect, it, vi } from 'vitest';
import { opened, servedAnew } from './one-part-server';

const now = servedAnew();

describe('two tabs', () => {
  /** What another tab typed and could not save. */
  const typedElsewhere = (tab: string, lifeYears: number, at: number): void =>
    now.storage.setItem(
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
    const request = (_name: string, _options: object, taken: (lock: object) => unknown): void =>
      void taken({});
    vi.stubGlobal('navigator', { locks: { request, query: () => Promise.resolve({ held }) } });
    typedElsewhere('other', 30, 1);
    const draft = await opened();
    // The other tab is open: what it typed is its own.
    expect(draft.brief?.lifeYears).toBe(5);
    now.server.away = true;
    draft.set('lifeYears', 9);
    await draft.flush();
    expect([...now.storage.values.keys()].filter(k => k.startsWith('hornblende-draft-p1'))).toHaveLength(2);
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
    expect(now.server.part.brief.lifeYears).toBe(40);
    expect(now.storage.values.size).toBe(0);
  });

  const theirs = { format: 'hornblende-brief', version: 1, name: 'Bracket', lifeYears: 20 };

  it('a stale save becomes a conflict with both versions', async () => {
    const draft = await opened();
    now.server.save(theirs);
    draft.set('sun', 'full');
    await draft.flush();
    expect(draft.saveState).toBe('conflict');
    expect(draft.theirs?.brief.lifeYears).toBe(20);
    expect(draft.brief?.sun).toBe('full');
    expect(now.server.part.brief.sun).toBe('none');
  });

  it.each(['mine', 'theirs'] as const)('keeping %s ends it, with the other one undo away', async keep => {
    const draft = await opened();
    now.server.save(theirs);
    draft.set('sun', 'full');
    await draft.flush();
    await draft.resolve(keep);
    expect(draft.saveState).toBe('saved');
    expect(draft.brief).toMatchObject(
      keep === 'mine' ? { sun: 'full', lifeYears: 5 } : { sun: 'none', lifeYears: 20 },
    );
    expect(now.server.part.brief.sun).toBe(keep === 'mine' ? 'full' : 'none');
    draft.undo();
    expect(draft.brief).toMatchObject(keep === 'mine' ? { lifeYears: 20 } : { sun: 'full' });
  });

  it('with nothing to save here, what another tab saved is simply shown', async () => {
    const draft = await opened();
    expect(await draft.refresh()).toBe(false);
    now.server.save(theirs);
    expect(await draft.refresh()).toBe(true);
    expect(draft.brief?.lifeYears).toBe(20);
  });

  it('with something to save here, it is left alone', async () => {
    const draft = await opened();
    draft.set('sun', 'full');
    now.server.save(theirs);
    expect(await draft.refresh()).toBe(false);
    expect(draft.brief?.sun).toBe('full');
  });
});
