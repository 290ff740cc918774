import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { asKeptAt, noteKept } from '../../src/api/as-kept';
import { KEPT_AT, KEPT_LISTS, TAKE_OVER } from '../../src/phone/kept-at';
import { usePhoneKeeps } from '../../src/stores/phone-keeps';

/** A browser's service workers: registering gives this, or fails. */
function browserWith(register: () => Promise<unknown>, controller: object | null = null): EventTarget {
  const workers = Object.assign(new EventTarget(), { register: vi.fn(register), controller });
  vi.stubGlobal('navigator', { serviceWorker: workers });
  return workers;
}

beforeEach(() => {
  setActivePinia(createPinia());
  vi.stubGlobal('document', { createElement: () => ({}), head: { append: vi.fn() } });
});
afterEach(() => vi.unstubAllGlobals());

describe('whether a phone keeps the application', () => {
  it('it does where the browser takes the worker', async () => {
    browserWith(() => Promise.resolve({ waiting: null }));
    const keeps = usePhoneKeeps();
    await keeps.keep();
    expect(keeps.state).toBe('keeps');
  });
  it('it does not where the browser does not trust the connection, or has no workers for it', async () => {
    browserWith(() => Promise.reject(new DOMException('An SSL certificate error occurred', 'SecurityError')));
    const refused = usePhoneKeeps();
    await refused.keep();
    expect(refused.state).toBe('untrusted');
    setActivePinia(createPinia());
    vi.stubGlobal('navigator', {});
    const without = usePhoneKeeps();
    await without.keep();
    expect(without.state).toBe('untrusted');
  });
  it('a version that waits takes over, and the page is loaded anew by it', async () => {
    const reload = vi.fn();
    vi.stubGlobal('location', { reload });
    const waiting = { postMessage: vi.fn() };
    const workers = browserWith(() => Promise.resolve({ waiting }), {});
    await usePhoneKeeps().keep();
    expect(waiting.postMessage).toHaveBeenCalledExactlyOnceWith(TAKE_OVER);
    expect(reload).not.toHaveBeenCalled();
    workers.dispatchEvent(new Event('controllerchange'));
    expect(reload).toHaveBeenCalledOnce();
  });
  it('the first version of all waits for nobody', async () => {
    const waiting = { postMessage: vi.fn() };
    browserWith(() => Promise.resolve({ waiting }));
    await usePhoneKeeps().keep();
    expect(waiting.postMessage).not.toHaveBeenCalled();
  });
});

describe('what a phone shows as it kept it', () => {
  it('has its moment, until the workshop answers again', () => {
    noteKept(new Headers({ [KEPT_AT]: '2026-05-01T10:00:00Z' }));
    expect(asKeptAt.value).toBe('2026-05-01T10:00:00Z');
    noteKept(new Headers());
    expect(asKeptAt.value).toBeNull();
  });
  it('is what phones may ask for, and nothing that is written', () => {
    const kept = [
      'placements',
      'placements/a-1',
      'placements/a-1/inspections',
      'maps',
      'grades',
      'bench',
      'faults/x',
    ];
    for (const path of [...kept, 'health']) expect(KEPT_LISTS.test(`/api/${path}`), path).toBe(true);
    for (const path of ['parts', 'pair', 'inspections/x', 'photos', 'bench/x/readings', 'backups', 'phones'])
      expect(KEPT_LISTS.test(`/api/${path}`), path).toBe(false);
  });
});
