import { createPinia, setActivePinia } from 'pinia';
import { describe, expect, it } from 'vitest';
import { useDraft } from '../../../src/features/part/draft';
import { browserKeeps } from '../../../src/stores/browser-store';
import { opened, servedAnew } from './one-part-server';

const now = servedAnew();

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
    expect(now.server.part).toMatchObject({ revision: 2, given: { lifeYears: 9 } });
    expect(draft.saveState).toBe('saved');
    expect(now.storage.values.size).toBe(0);
    await draft.flush();
    expect(now.server.puts).toBe(1);
  });

  it('what is typed while a save is under way is saved after it', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    const first = draft.flush();
    draft.set('lifeYears', 10);
    await first;
    expect(draft.saveState).toBe('waiting');
    await draft.flush();
    expect(now.server.part.brief.lifeYears).toBe(10);
  });

  it('keeps a journal while the server is away, and brings it back', async () => {
    const draft = await opened();
    now.server.away = true;
    draft.set('lifeYears', 9);
    await draft.flush();
    expect(draft.saveState).toBe('failed');
    expect(draft.saveError).toMatch(/cannot be reached/);
    now.server.away = false;
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.brief?.lifeYears).toBe(9);
    expect(again.saveState).toBe('waiting');
    await again.flush();
    expect(now.server.part.brief.lifeYears).toBe(9);
  });

  it('a journal that says what the server says is dropped', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    const [key, journal] = [...now.storage.values][0]!;
    await draft.flush();
    now.storage.setItem(key, journal);
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.saveState).toBe('saved');
    expect(now.storage.values.size).toBe(0);
  });

  it('a broken journal is dropped, not shown', async () => {
    now.storage.setItem('hornblende-draft-p1', '{"given":{"sun":7}}');
    const draft = await opened();
    expect(draft.saveState).toBe('saved');
    expect(draft.brief?.sun).toBe('none');
  });
});

describe('an answer that is lost', () => {
  it('is no conflict: what the server has is what was sent', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    now.server.losesAnswers = true;
    await draft.flush();
    expect(draft.saveState).toBe('failed');
    now.server.losesAnswers = false;
    await draft.flush();
    expect(draft.saveState).toBe('saved');
    expect(now.server.part).toMatchObject({ revision: 2, given: { lifeYears: 9 } });
    expect(now.storage.values.size).toBe(0);
  });

  it('and what was typed after it is saved over it, also after the page was loaded again', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    now.server.losesAnswers = true;
    await draft.flush();
    now.server.losesAnswers = false;
    draft.set('sun', 'full');
    setActivePinia(createPinia());
    const again = await opened();
    expect(again.saveState).toBe('waiting');
    await again.flush();
    await again.flush();
    expect(again.saveState).toBe('saved');
    expect(now.server.part.given).toMatchObject({ lifeYears: 9, sun: 'full' });
  });
});

describe('a browser that keeps nothing', () => {
  it('full, it saves all the same, and says that nothing is kept here', async () => {
    const draft = await opened();
    now.storage.full = true;
    draft.set('lifeYears', 9);
    expect(draft.saveState).toBe('waiting');
    expect(browserKeeps.value).toBe('full');
    await draft.flush();
    expect(now.server.part.brief.lifeYears).toBe(9);
    expect(draft.saveState).toBe('saved');
    now.storage.full = false;
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
    expect(now.server.part.brief.lifeYears).toBe(9);
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
    expect(now.server.part).toMatchObject({ printerId: null, given: { lifeYears: 9 } });
  });
});

describe('opening', () => {
  it('says so when a part is not there, or the server is away', async () => {
    const draft = useDraft();
    await draft.open('nobody');
    expect(draft.loadError).toBe('There is no such part; it may have been removed.');
    now.server.away = true;
    await draft.open('p1');
    expect(draft.loadError).toMatch(/cannot be reached/);
  });
  it('saves the part before it opens another', async () => {
    const draft = await opened();
    draft.set('lifeYears', 9);
    await draft.open('nobody');
    expect(now.server.part.brief.lifeYears).toBe(9);
  });
});
