import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, nextTick, type EffectScope } from 'vue';
import { useAutosave } from '../../../src/features/part/useAutosave';
import { useDraft } from '../../../src/features/part/draft';
import { stubPartServer } from '../../part-server';

/** Window and document as far as saving listens to them; there before anything that asks for them is loaded. */
const page = vi.hoisted(() => {
  const target = Object.assign(new EventTarget(), {
    visibilityState: 'visible',
    createElement: () => ({}),
  });
  Object.assign(globalThis, { window: target, document: target });
  return target;
});
let scope: EffectScope;
let saves: { puts: number };

beforeEach(async () => {
  vi.useFakeTimers();
  page.visibilityState = 'visible';
  setActivePinia(createPinia());
  saves = stubPartServer({});
  await useDraft().open('p1');
  scope = effectScope();
  scope.run(() => useAutosave(() => undefined));
  await nextTick();
});
afterEach(() => {
  scope.stop();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const rest = (ms: number): Promise<unknown> => vi.advanceTimersByTimeAsync(ms);
async function type(years: number): Promise<void> {
  useDraft().set('lifeYears', years);
  await nextTick();
}

describe('saving by itself', () => {
  it('saves once, when typing has come to rest', async () => {
    for (const years of [6, 7, 8]) {
      await type(years);
      await rest(100);
    }
    expect(saves.puts).toBe(0);
    await rest(500);
    expect(saves.puts).toBe(1);
    expect(useDraft().saveState).toBe('saved');
  });
  it('does not wait when the tab is hidden', async () => {
    await type(9);
    page.visibilityState = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    await rest(0);
    expect(saves.puts).toBe(1);
  });
  it('saves nothing where nothing was changed', async () => {
    page.visibilityState = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    await rest(5000);
    expect(saves.puts).toBe(0);
  });
  it('finds a server that was away by itself', async () => {
    const working = globalThis.fetch;
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('fetch failed')));
    await type(4);
    await rest(500);
    expect(useDraft().saveState).toBe('failed');
    vi.stubGlobal('fetch', working);
    await rest(4100);
    expect(useDraft().saveState).toBe('saved');
    expect(saves.puts).toBe(1);
  });
});
