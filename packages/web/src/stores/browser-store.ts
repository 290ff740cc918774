import {
  StorageSerializers,
  useEventListener,
  useStorage,
  type RemovableRef,
  type StorageLike,
} from '@vueuse/core';
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

/** The event by which `useStorage` tells what it wrote to a store that is not the browser's own. */
const WRITTEN_HERE = 'vueuse-storage';
const page = typeof window === 'undefined' ? undefined : window;

/**
 * A value that this browser keeps under a name; it is written at once, before anything else happens. What is written
 * under the same name elsewhere on the page, or in another tab, is taken over.
 *
 * The listening is our own: while `useStorage` hears of a write, and be it its own, it writes nothing until the next
 * tick, so that the second of two changes in a row would be lost when the page is opened again.
 */
export function useKept<T extends string | number | boolean | object>(
  key: string,
  initial: T,
): RemovableRef<T> {
  const kind = typeof initial as 'string' | 'number' | 'boolean' | 'object';
  const serializer = StorageSerializers[kind] as { read: (raw: string) => T; write: (value: T) => string };
  const value = useStorage<T>(key, initial, browserStore, {
    flush: 'sync',
    listenToStorageChanges: false,
    serializer,
  });
  function takeOver(written: { key: string | null; newValue: string | null }): void {
    // Without a key, all that was kept is gone.
    if ((written.key ?? key) !== key || written.newValue === serializer.write(value.value)) return;
    value.value = written.newValue === null ? initial : serializer.read(written.newValue);
  }
  useEventListener(page, 'storage', takeOver);
  useEventListener(page, WRITTEN_HERE, (e: CustomEvent<StorageEvent>) => takeOver(e.detail));
  return value;
}
