import type { StoredWorkshop } from '@hornblende/core/api';
import type { WorkshopSettings } from '@hornblende/core/formats';
import { unsaidSettings } from '@hornblende/core/workshop';
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { ApiError } from '../api/request';
import { useKept } from './browser-store';

/** How often what waits is tried again, ms. */
const AGAIN_MS = 15_000;

/**
 * What holds for the workshop as a whole: its currency, the damp of its room, prices of upgrades, quotes for parts. A
 * change holds here at once, stands in the browser until the server has it, and is sent again when it was away.
 */
export const useWorkshop = defineStore('workshop', () => {
  const stored = shallowRef<StoredWorkshop>({
    settings: unsaidSettings,
    quotes: {},
  });
  const unsaved = useKept<Partial<WorkshopSettings>>('hornblende-workshop-unsaved', {});
  const unsavedQuotes = useKept<Record<string, number | null>>('hornblende-quotes-unsaved', {});
  const settings = computed<WorkshopSettings>(() => ({ ...stored.value.settings, ...unsaved.value }));
  const quotes = computed<Record<string, number>>(() => {
    const all = Object.entries({ ...stored.value.quotes, ...unsavedQuotes.value });
    return Object.fromEntries(all.filter((q): q is [string, number] => q[1] !== null));
  });
  const currency = computed(() => settings.value.currency);
  const waits = (): boolean =>
    Object.keys(unsaved.value).length > 0 || Object.keys(unsavedQuotes.value).length > 0;
  /** Whether something waits here because the server could not be reached. */
  const isAway = ref(false);
  let running: Promise<void> | null = null;

  /** Until it has come, what stands here are defaults: nothing is to be worked out with them. */
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  let loading: Promise<void> | null = null;
  /** Fetches it; who asks while that is under way waits for the same answer. @throws ApiError */
  function load(): Promise<void> {
    loading ??= fetchIt().finally(() => (loading = null));
    return loading;
  }
  async function fetchIt(): Promise<void> {
    try {
      stored.value = await api.workshop();
      state.value = 'ready';
    } catch (e) {
      if (state.value === 'loading') state.value = 'failed';
      throw e;
    }
    await flush().catch(() => undefined);
  }
  /** Changes settings. @throws ApiError where the server refuses them: then they are as they were */
  async function set(change: Partial<WorkshopSettings>): Promise<void> {
    unsaved.value = { ...unsaved.value, ...change };
    await flush();
  }
  /** Keeps what a print service asks for a part; null forgets it. @throws ApiError where the server refuses it */
  async function quote(partId: string, each: number | null): Promise<void> {
    unsavedQuotes.value = { ...unsavedQuotes.value, [partId]: each };
    await flush();
  }

  /** Sends what waits; where the server is away it waits on. @throws ApiError for what the server refuses */
  function flush(): Promise<void> {
    running ??= sendAll().finally(() => (running = null));
    return running;
  }
  async function sendAll(): Promise<void> {
    isAway.value = !(await sendWhatWaits());
  }
  /** @returns whether all was sent */
  async function sendWhatWaits(): Promise<boolean> {
    while (Object.keys(unsaved.value).length) {
      const sent = unsaved.value;
      const done = await sending(
        () => api.saveWorkshop({ ...stored.value.settings, ...sent }),
        () => {
          if (unsaved.value === sent) unsaved.value = {};
        },
      );
      if (!done) return false;
    }
    for (
      let [next] = Object.entries(unsavedQuotes.value);
      next;
      [next] = Object.entries(unsavedQuotes.value)
    ) {
      const [partId, each] = next;
      const done = await sending(
        () => api.saveQuote(partId, each),
        () => {
          if (unsavedQuotes.value[partId] !== each) return;
          const others = Object.entries(unsavedQuotes.value).filter(([id]) => id !== partId);
          unsavedQuotes.value = Object.fromEntries(others);
        },
      );
      if (!done) return false;
    }
    return true;
  }
  /**
   * Sends one thing. What is refused is given up, and said; while the server is away it stays.
   * @returns whether it was sent. @throws ApiError for what the server refuses
   */
  async function sending(send: () => Promise<StoredWorkshop>, settled: () => void): Promise<boolean> {
    try {
      stored.value = await send();
      settled();
      return true;
    } catch (e) {
      const refused = e instanceof ApiError && e.status >= 400 && e.status < 500 && e.status !== 429;
      if (!refused) return false;
      settled();
      throw e;
    }
  }

  const again = (): void => {
    if (waits()) void flush().catch(() => undefined);
  };
  useEventListener('online', again);
  useIntervalFn(again, AGAIN_MS);
  return { settings, quotes, currency, isAway, state, load, set, quote, flush };
});
