import type { StoredTrial } from '@hornblende/core/api';
import { parseTrial, type Trial } from '@hornblende/core/formats';
import { mergedTrial } from '@hornblende/core/trials';
import { useEventListener, useIntervalFn } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import { api } from '../api/client';
import { ApiError } from '../api/request';
import { useKept } from './browser-store';

/** How what is here stands to what is saved. */
export type TrialSave = 'saved' | 'saving' | 'waiting';

/** How often what waits is tried again, ms. */
const AGAIN_MS = 15_000;

/**
 * The trials. A change stands here and in the browser's store at once, and is saved one after another; where another
 * desk or phone was quicker, the readings of both are kept. One that the server refuses waits with the reason, and
 * holds up no other.
 */
export const useTrials = defineStore('trials', () => {
  const list = shallowRef<StoredTrial[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const saving = ref<TrialSave>('saved');
  /** Changed trials that the server has not confirmed, by id. */
  const unsaved = useKept<Record<string, Trial>>('hornblende-trials-unsaved', {});
  /** Why the server refused a changed trial, by id: it is not sent again until it is changed, or that is asked for. */
  const refused = ref<Record<string, string>>({});
  let running: Promise<void> | null = null;

  /** Fetches every trial, and saves what was left unsaved here. @throws ApiError */
  async function load(): Promise<void> {
    try {
      list.value = (await api.trials()).map(withUnsaved);
      state.value = 'ready';
    } catch (e) {
      state.value = 'failed';
      throw e;
    }
    await flush();
  }
  function withUnsaved(stored: StoredTrial): StoredTrial {
    const left = unsaved.value[stored.id];
    return left ? { ...stored, trial: mergedTrial(parseTrial(left), stored.trial) } : stored;
  }
  const put = (stored: StoredTrial): void => {
    list.value = list.value.map(t => (t.id === stored.id ? stored : t));
  };

  /** Begins a trial. @throws ApiError */
  async function add(trial: Trial, key: string | null = null): Promise<StoredTrial> {
    const saved = await api.addTrial(trial, key);
    list.value = [saved, ...list.value];
    return saved;
  }
  /** Removes a trial. @throws ApiError */
  async function remove(id: string): Promise<void> {
    await api.removeTrial(id);
    forget(id);
    list.value = list.value.filter(t => t.id !== id);
  }
  /** Changes a trial, and saves it as soon as may be. */
  function change(id: string, trial: Trial): void {
    const stored = list.value.find(t => t.id === id);
    if (!stored) return;
    put({ ...stored, trial });
    // What another tab has not saved either stays with it.
    const waits = unsaved.value[id];
    unsaved.value = { ...unsaved.value, [id]: waits ? mergedTrial(trial, parseTrial(waits)) : trial };
    retry(id);
  }
  /** Sends a trial again that the server refused. */
  function retry(id: string): void {
    refused.value = without(refused.value, id);
    void flush();
  }
  /** Gives up what is not saved of a trial, and shows it as the server has it. @throws ApiError */
  async function giveUp(id: string): Promise<void> {
    const theirs = await api.trial(id);
    forget(id);
    put(theirs);
  }
  function forget(id: string): void {
    unsaved.value = without(unsaved.value, id);
    refused.value = without(refused.value, id);
  }

  /** Saves what is unsaved, one after another; what cannot be saved now waits. */
  function flush(): Promise<void> {
    running ??= saveAll().finally(() => (running = null));
    return running;
  }
  async function saveAll(): Promise<void> {
    for (let id = nextUnsaved(); id; id = nextUnsaved()) {
      saving.value = 'saving';
      try {
        await save(id);
      } catch (e) {
        if (!isRefusal(e)) {
          saving.value = 'waiting';
          return;
        }
        refused.value = { ...refused.value, [id]: (e as Error).message };
      }
    }
    saving.value = Object.keys(unsaved.value).length ? 'waiting' : 'saved';
  }
  const nextUnsaved = (): string | undefined =>
    Object.keys(unsaved.value).find(id => !(id in refused.value) && list.value.some(t => t.id === id));

  /** Sends one trial; one that was saved elsewhere meanwhile is joined with that, and sent again. @throws ApiError */
  async function save(id: string): Promise<void> {
    const stored = list.value.find(t => t.id === id)!;
    const { trial } = stored;
    try {
      const { revision, updatedAt } = await api.saveTrial(id, trial, stored.revision);
      const now = list.value.find(t => t.id === id)!;
      put({ ...now, revision, updatedAt });
      if (now.trial === trial) forget(id);
    } catch (e) {
      if (!(e instanceof ApiError) || e.status !== 409) throw e;
      const theirs = await api.trial(id);
      const now = list.value.find(t => t.id === id)!;
      put({ ...theirs, trial: mergedTrial(now.trial, theirs.trial) });
    }
  }

  useEventListener('online', () => void flush());
  useIntervalFn(() => {
    if (saving.value === 'waiting') void flush();
  }, AGAIN_MS);
  const waiting = computed(() => Object.keys(unsaved.value).length);
  return { list, state, saving, refused, waiting, load, add, remove, change, retry, giveUp, flush };
});

/** Whether the server will refuse it however often it is sent: it was understood, and is not wanted. */
function isRefusal(e: unknown): boolean {
  return e instanceof ApiError && e.status >= 400 && e.status < 500 && e.status !== 401 && e.status !== 429;
}

function without<T>(of: Record<string, T>, id: string): Record<string, T> {
  return Object.fromEntries(Object.entries(of).filter(([key]) => key !== id));
}
