import { mergedTrial, parseTrial, type StoredTrial, type Trial } from '@hornblende/core';
import { useStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import { api, ApiError } from '../api/client';

/** How what is here stands to what is saved. */
export type TrialSave = 'saved' | 'saving' | 'waiting';

/**
 * The trials. A change stands here and in the browser's store at once, and is saved one after another; where another
 * desk or phone was quicker, the readings of both are kept.
 */
export const useTrials = defineStore('trials', () => {
  const list = shallowRef<StoredTrial[]>([]);
  const state = ref<'loading' | 'ready' | 'failed'>('loading');
  const saving = ref<TrialSave>('saved');
  /** Changed trials that the server has not confirmed, by id. */
  const unsaved = useStorage<Record<string, Trial>>('hornblende-trials-unsaved', {}, localStorage, {
    flush: 'sync',
  });
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
  async function add(trial: Trial): Promise<StoredTrial> {
    const saved = await api.addTrial(trial);
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
    unsaved.value = { ...unsaved.value, [id]: trial };
    void flush();
  }
  function forget(id: string): void {
    unsaved.value = Object.fromEntries(Object.entries(unsaved.value).filter(([key]) => key !== id));
  }

  /** Saves what is unsaved, one after another; what cannot be saved now waits. */
  async function flush(): Promise<void> {
    running ??= saveAll().finally(() => (running = null));
    return running;
  }
  async function saveAll(): Promise<void> {
    for (let id = nextUnsaved(); id; id = nextUnsaved()) {
      saving.value = 'saving';
      if (!(await saved(id))) {
        saving.value = 'waiting';
        return;
      }
    }
    saving.value = 'saved';
  }
  const nextUnsaved = (): string | undefined =>
    Object.keys(unsaved.value).find(id => list.value.some(t => t.id === id));

  async function saved(id: string): Promise<boolean> {
    const stored = list.value.find(t => t.id === id)!;
    const { trial } = stored;
    try {
      const { revision, updatedAt } = await api.saveTrial(id, trial, stored.revision);
      const now = list.value.find(t => t.id === id)!;
      put({ ...now, revision, updatedAt });
      if (now.trial === trial) forget(id);
      return true;
    } catch (e) {
      if (!(e instanceof ApiError) || e.status !== 409) return false;
      const theirs = await api.trial(id);
      const now = list.value.find(t => t.id === id)!;
      put({ ...theirs, trial: mergedTrial(now.trial, theirs.trial) });
      return true;
    }
  }
  return { list, state, saving, load, add, remove, change, flush };
});
