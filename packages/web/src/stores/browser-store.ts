import { useStorage, type RemovableRef, type StorageLike } from '@vueuse/core';
import { ref } from 'vue';

// What this browser keeps: what is typed and not yet saved, and how somebody likes to see things. It may be full, or
// forbidden altogether; then what is written stands in memory for as long as the page does, and the pages say so.

/** Whether this browser keeps what it is given. */
export type BrowserKeeps = 'keeps' | 'full' | 'forbidden';

/** Whether this browser keeps what it is given; reactive. */
export const browserKeeps = ref<BrowserKeeps>('keeps');

/** What could not be written, for as long as the page stands. */
const inMemory = new Map<string, string>();

function real(): Storage | null {
  try {
    return globalThis.localStorage;
  } catch {
    browserKeeps.value = 'forbidden';
    return null;
  }
}

/** The browser's store, which never throws. */
export const browserStore: StorageLike & { keys: () => string[] } = {
  getItem(key) {
    const held = inMemory.get(key);
    if (held !== undefined) return held;
    try {
      return real()?.getItem(key) ?? null;
    } catch {
      browserKeeps.value = 'forbidden';
      return null;
    }
  },
  setItem(key, value) {
    try {
      const store = real();
      if (!store) throw new Error('forbidden');
      store.setItem(key, value);
      inMemory.delete(key);
      if (inMemory.size === 0) browserKeeps.value = 'keeps';
    } catch {
      inMemory.set(key, value);
      if (browserKeeps.value === 'keeps') browserKeeps.value = 'full';
    }
  },
  removeItem(key) {
    inMemory.delete(key);
    try {
      real()?.removeItem(key);
      if (inMemory.size === 0 && browserKeeps.value === 'full') browserKeeps.value = 'keeps';
    } catch {
      browserKeeps.value = 'forbidden';
    }
  },
  keys() {
    const store = real();
    const stored = store ? Array.from({ length: store.length }, (_, i) => store.key(i)!) : [];
    return [...new Set([...stored, ...inMemory.keys()])];
  },
};

/** What another tab writes is told on by the name that values listen to, of a store that is not the browser's own. */
const VALUES_LISTEN_TO = 'vueuse-storage';
if (typeof window !== 'undefined')
  window.addEventListener('storage', ({ key, oldValue, newValue }) => {
    const detail = { key, oldValue, newValue, storageArea: browserStore };
    window.dispatchEvent(new CustomEvent(VALUES_LISTEN_TO, { detail }));
  });

/** A value that this browser keeps under a name; it is written at once, before anything else happens. */
export function useKept<T extends string | number | boolean | object>(
  key: string,
  initial: T,
): RemovableRef<T> {
  return useStorage<T>(key, initial, browserStore, { flush: 'sync' });
}
